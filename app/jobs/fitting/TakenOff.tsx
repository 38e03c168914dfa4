import Alert from "@mui/material/Alert";
import Button from "@mui/material/Button";
import { Form } from "react-router";
import { type Finding, findingKindOf, spotOf } from "../../../core/fitting/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";

/** Findings of earlier fittings that were put off to a sewing step. */
export function ComeBack({ findings, jobId }: { findings: readonly Finding[]; jobId: number }) {
  if (findings.length === 0) return null;
  return (
    <Alert severity="info" icon={false} sx={{ mb: 3 }}>
      <strong>Put off until now?</strong>
      {findings.map(({ id, kind, spot, change }) => (
        <div key={id}>
          {findingKindOf(kind).name}, {spotOf(spot).name.toLowerCase()}: waits for “{change?.waitsFor}”.{" "}
          <TextLink to={`/jobs/${jobId}/changes`}>Decide</TextLink>
        </div>
      ))}
    </Alert>
  );
}

/** Says what was just taken off, and offers to bring it back. */
export function BroughtBack({ removed }: { removed: string }) {
  return (
    <Form method="post">
      <input type="hidden" name="intent" value="bring-back" />
      <Alert
        severity="info"
        icon={false}
        sx={{ mb: 2 }}
        action={
          <Button type="submit" name="removed" value={removed}>
            Put it back
          </Button>
        }
      >
        Taken off the record.
      </Alert>
    </Form>
  );
}
