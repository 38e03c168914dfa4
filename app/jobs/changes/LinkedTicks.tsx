import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import Paper from "@mui/material/Paper";
import TextField from "@mui/material/TextField";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { findingKindOf, holdsBack, type JobChange, spotOf } from "../../../core/fitting/index.ts";
import { TextLink } from "../../frame/TextLink.tsx";

/** The pieces that lie on a changed one, to be ticked when they got the same; with a word why some may be left. */
export function LinkedTicks({ changes }: { changes: readonly JobChange[] }) {
  const linked = changes.filter(({ change }) => change.linked.length > 0);
  if (linked.length === 0) return null;
  const left = linked.filter(({ change }) => holdsBack(change)).length;
  return (
    <Box component="section" aria-label="Linked pieces" className="no-print" sx={{ mt: 3 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        Linked pieces
      </Typography>
      <Typography sx={{ mb: 1.5, color: left > 0 ? "warning.main" : "success.main", fontWeight: 650 }}>
        {left > 0
          ? `Not ready to cut: ${left === 1 ? "1 change has" : `${left} changes have`} linked pieces unticked.`
          : "Ready to cut: every linked piece is ticked, or you said why not."}
      </Typography>
      {linked.map(({ change, finding }) => (
        <Paper key={change.id} sx={{ p: 2, mb: 1.5 }}>
          <Form method="post" key={change.version}>
            <input type="hidden" name="intent" value="ticks" />
            <input type="hidden" name="change" value={change.id} />
            <input type="hidden" name="version" value={change.version} />
            <strong>
              {finding ? findingKindOf(finding.kind).name : "Own change"}, {spotOf(change.spot).name.toLowerCase()}
            </strong>
            <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2.5 }}>
              {change.linked.map(({ piece, ticked }, index) => (
                <FormControlLabel
                  key={piece}
                  control={<Checkbox name={`ticked[${index}]`} value={piece} defaultChecked={ticked} />}
                  label={`${piece}, the same`}
                />
              ))}
            </Box>
            <Box sx={{ display: "flex", gap: 1.5, alignItems: "center", flexWrap: "wrap" }}>
              <TextField
                name="untickedReason"
                placeholder="Why some may stay unticked"
                defaultValue={change.untickedReason}
                hiddenLabel
                slotProps={{ htmlInput: { "aria-label": "Why some may stay unticked", maxLength: 400 } }}
                sx={{ flex: "1 1 260px", width: "auto" }}
              />
              <Button type="submit" variant="outlined">
                Keep the ticks
              </Button>
            </Box>
          </Form>
        </Paper>
      ))}
      <Typography color="text.secondary" sx={{ fontSize: "0.9rem" }}>
        Trunk lengths have ticks of their own in the <TextLink to="../torso">torso step</TextLink>.
      </Typography>
    </Box>
  );
}
