import Alert from "@mui/material/Alert";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Form } from "react-router";
import type { StandingChange } from "../../../core/fitting/index.ts";

/** What this wearer, or this pattern, always needed: offered to be taken into the plan. */
export function StandingList({ standing }: { standing: readonly StandingChange[] }) {
  if (standing.length === 0) return null;
  return (
    <Alert severity="info" icon={false} sx={{ mb: 2 }} aria-label="Standing changes">
      <strong>From earlier jobs:</strong>
      {standing.map(({ id, words, wearerId }) => (
        <Form method="post" key={id}>
          <input type="hidden" name="intent" value="standing" />
          <Box sx={{ display: "flex", gap: 1.5, alignItems: "baseline" }}>
            <span>
              {words} ({wearerId === null ? "this pattern" : "this wearer"})
            </span>
            <Button size="small" type="submit" name="standing" value={id}>
              Take it into this plan
            </Button>
          </Box>
        </Form>
      ))}
    </Alert>
  );
}
