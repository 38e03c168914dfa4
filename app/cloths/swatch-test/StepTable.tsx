import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { explainStepStrain, explainStepTension, type LoadLadder, stepTension } from "../../../core/cloth/index.ts";
import { numbered } from "../../frame/numbered.ts";
import { percent } from "../../frame/units/percent.ts";
import { Why } from "../../frame/why/WhyDrawer.tsx";

/** Every reading of a ladder with what was worked out from it. */
export function StepTable({ ladder }: { ladder: LoadLadder }) {
  return (
    <Paper sx={{ overflowX: "auto" }}>
      <Table aria-label="Steps of the ladder" size="small">
        <TableHead>
          <TableRow>
            <TableCell>
              {ladder.form === "loop" ? "Loop" : "Strip"} of {ladder.widthMm} mm
            </TableCell>
            <TableCell align="right">Load, N</TableCell>
            <TableCell align="right">Gauge, mm</TableCell>
            <TableCell align="right">Strain</TableCell>
            <TableCell align="right">Tension, N/m</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {numbered(ladder.steps).map(({ cycle, phase, forceN, lengthMm, number }) => (
            <TableRow key={number}>
              <TableCell component="th">
                {number}. {phase === "load" ? "loading" : "way back"}
                {cycle > 1 ? `, cycle ${cycle}` : ""}
              </TableCell>
              <TableCell align="right">{forceN}</TableCell>
              <TableCell align="right">{lengthMm}</TableCell>
              <TableCell align="right">
                <Why label={`Step ${number}, strain`} explain={() => explainStepStrain(ladder, { lengthMm })}>
                  {percent(lengthMm / ladder.gaugeMm - 1)}
                </Why>
              </TableCell>
              <TableCell align="right">
                <Why label={`Step ${number}, tension`} explain={() => explainStepTension(ladder, { forceN })}>
                  {stepTension(ladder, forceN).toFixed(1)}
                </Why>
              </TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}
