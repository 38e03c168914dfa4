import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import type { Draft } from "../../../../core/drafting/index.ts";
import type { FinishSettings } from "../../../../core/edges/index.ts";
import { type DrawnStep, type PiecesId, stepWords } from "../../../../core/pieces/index.ts";
import type { Unsaved } from "../../../form/unsaved.ts";
import { useLengths } from "../../../frame/units/UnitContext.tsx";
import { StepEffect } from "../../../pieces/StepList.tsx";
import { STEP_FORMS } from "./forms/index.ts";
import { StepFields } from "./StepFields.tsx";

interface StepsPanelProps {
  readonly id: PiecesId;
  readonly version: number;
  /** The pieces as they are kept, every step in. */
  readonly draft: Draft;
  readonly steps: readonly DrawnStep[];
  /** Allowances that are habits of the workshop. */
  readonly habits: FinishSettings;
  readonly unsaved: Unsaved | undefined;
}

/** What is drawn on the pieces after they were drafted or read in: what was, each with what it changed, and what can be. */
export function StepsPanel({ id, version, draft, steps, habits, unsaved }: StepsPanelProps) {
  const shown = unsaved?.theirs?.version ?? version;
  const offered = STEP_FORMS.filter((form) => form.offers(draft));
  if (offered.length === 0 && steps.length === 0) return null;
  return (
    <Box component="section" aria-labelledby="steps" sx={{ mb: 5 }}>
      <Typography variant="h2" id="steps" sx={{ mb: 0.5 }}>
        Drawn on these pieces
      </Typography>
      <Typography sx={{ mb: 2, maxWidth: 760, color: "text.secondary" }}>
        Steps that are done on the pieces one after another, each by its numbers. They are part of the pattern: drawn,
        checked, printed and frozen with it.
      </Typography>
      {unsaved?.theirs ? (
        <Alert severity="warning" sx={{ mb: 1.5 }}>
          Somebody changed these pieces meanwhile. Nothing was drawn; look at theirs, and do it again.
        </Alert>
      ) : null}
      <Steps id={id} version={shown} steps={steps} error={unsaved?.errors.step} />
      {offered.map((form) => (
        <StepFields
          key={`${form.id} ${version} ${JSON.stringify(unsaved?.fields.step === form.id ? unsaved : null)}`}
          {...{ form, id, draft, habits, version: shown }}
          unsaved={unsaved?.fields.step === form.id ? unsaved : undefined}
        />
      ))}
    </Box>
  );
}

function Steps({
  id,
  version,
  steps,
  error,
}: Pick<StepsPanelProps, "id" | "version" | "steps"> & { error: string | undefined }) {
  const lengths = useLengths();
  if (steps.length === 0) return null;
  return (
    <Box sx={{ mb: 2 }}>
      <Box component="ol" aria-label="Steps drawn" sx={{ m: 0, mb: 1.5, pl: 3 }}>
        {steps.map(({ call, report, problem }, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: steps have no name but their place.
          <Box component="li" key={at} sx={{ py: 0.5 }}>
            <strong>{lengths.told(stepWords(call))}</strong>
            <StepEffect
              step={{ calls: [call], reports: report ? [report] : [], instead: problem && `Not drawn. ${problem}` }}
            />
          </Box>
        ))}
      </Box>
      {error ? (
        <Alert severity="error" sx={{ mb: 1.5 }}>
          {error}
        </Alert>
      ) : null}
      <Form method="post" preventScrollReset>
        <input type="hidden" name="intent" value="stepBack" />
        <input type="hidden" name="of" value={id} />
        <input type="hidden" name="version" value={version} />
        <Button type="submit" variant="outlined" size="small">
          Take the last step back
        </Button>
      </Form>
    </Box>
  );
}
