import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { Form } from "react-router";
import { type Placement, sideSeamStep, type TrunkPlacing } from "../../../core/torso/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { tickField } from "./ticks.ts";

/** What is done to which piece at which line, with every piece that must take the same to be ticked. */
export function Placements({
  placements,
  placing,
  version,
  kept,
}: {
  placements: readonly Placement[];
  placing: TrunkPlacing;
  version: number;
  /** False while what is shown is not kept: there is nothing to tick yet. */
  kept: boolean;
}) {
  const lengths = useLengths();
  if (placements.length === 0) return null;
  const step = sideSeamStep(placing);
  const linked = placements.some((placement) => placement.linked.length > 0);
  return (
    <Box sx={{ mt: 2 }}>
      <Typography variant="h3" sx={{ mb: 1 }}>
        What to do
      </Typography>
      <Form method="post" key={JSON.stringify(placements)}>
        <input type="hidden" name="intent" value="ticks" />
        <input type="hidden" name="version" value={version} />
        <Paper component="ol" aria-label="Placements" sx={{ m: 0, p: 0, listStyle: "none" }}>
          {placements.map(({ id, piece, line, amountMm, linked: pieces }) => (
            <Box component="li" key={id} sx={{ px: 2, py: 1.25, "& + &": { borderTop: 1, borderColor: "divider" } }}>
              <div>
                <strong>
                  {piece}: {amountMm > 0 ? "cut apart and spread" : "overlap"} {lengths.amount(Math.abs(amountMm))}
                </strong>{" "}
                {line}.
              </div>
              {pieces.length > 0 ? (
                <Box sx={{ display: "flex", flexWrap: "wrap", columnGap: 2.5, mt: 0.5 }}>
                  {pieces.map(({ key, name, ticked }) => (
                    <FormControlLabel
                      key={key}
                      control={<Checkbox name={tickField(key)} value={amountMm} defaultChecked={ticked} />}
                      disabled={!kept}
                      label={`${name}, the same`}
                    />
                  ))}
                </Box>
              ) : null}
            </Box>
          ))}
        </Paper>
        {linked ? (
          <Button type="submit" variant="outlined" disabled={!kept} sx={{ mt: 1.5 }}>
            Keep the ticks
          </Button>
        ) : null}
      </Form>
      <Box component="ul" sx={{ pl: 2.5, my: 1.5, color: "text.secondary", fontSize: "0.92rem" }}>
        {step && (Math.abs(step.aboveMm) >= 1 || Math.abs(step.belowMm) >= 1) ? (
          <li>
            Front and back take different amounts: at the side seam they would differ by{" "}
            {lengths.difference(step.aboveMm)} above and {lengths.difference(step.belowMm)} below the waist. Let each
            change run out to the same amount at the side.
          </li>
        ) : null}
        <li>True the side seams again, and check that front and back still meet.</li>
        <li>Check the leg and waist elastics again: their edges have changed.</li>
      </Box>
    </Box>
  );
}
