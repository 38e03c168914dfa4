import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import {
  explainLengthNow,
  explainLengthStrain,
  type LengthChanging,
  type LengthStep,
} from "../../../core/fitting/index.ts";
import { percent } from "../../frame/units/percent.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { BeforeCells, BeforeHeads } from "./BeforeCells.tsx";

interface LengthStepsProps {
  readonly label: string;
  readonly steps: readonly LengthStep[];
  /** Every change the lengths carry. */
  readonly changes: readonly (LengthChanging & { readonly changeId: number })[];
  /** How explanations name the plan. */
  readonly source: string;
  /** Number of the prototype before; null in front of the first. */
  readonly beforeNumber: number | null;
}

/** Length by length: planned → sewn → changed → now planned, with its strain. Nothing where no length is planned. */
export function LengthSteps({ label, steps, changes, source, beforeNumber }: LengthStepsProps) {
  const lengths = useLengths();
  if (steps.length === 0) return null;
  return (
    <Box component="section" sx={{ mt: 2.5 }}>
      <Typography variant="h3" sx={{ mb: 0.75 }}>
        Lengths
      </Typography>
      <Paper sx={{ overflowX: "auto" }}>
        <Table aria-label={label} sx={{ "& th, & td": { px: 1.25 } }}>
          <TableHead>
            <TableRow>
              <TableCell>Garment length, {lengths.unit}</TableCell>
              <TableCell align="right">Body</TableCell>
              <BeforeHeads beforeNumber={beforeNumber} />
              <TableCell align="right">Now planned</TableCell>
              <TableCell align="right">Strain</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {steps.map((step) => (
              <TableRow key={step.id}>
                <TableCell component="th">{step.name}</TableCell>
                <TableCell align="right" sx={{ color: "text.secondary" }}>
                  {lengths.bare(step.bodyMm)}
                </TableCell>
                {beforeNumber === null ? (
                  <TableCell align="right">{lengths.bare(step.cutMm)}</TableCell>
                ) : (
                  <BeforeCells step={step} name={step.name} />
                )}
                <TableCell align="right" sx={{ fontWeight: 750, fontSize: "1.1rem" }}>
                  <Why
                    label={`${step.name}, now planned`}
                    explain={() => explainLengthNow(step, changes, { source, all: steps })}
                  >
                    {lengths.bare(step.nowMm)}
                  </Why>
                </TableCell>
                <TableCell align="right">
                  <Why label={`${step.name}, strain`} explain={() => explainLengthStrain(step)}>
                    {percent(step.bodyMm / step.nowMm - 1)}
                  </Why>
                </TableCell>
              </TableRow>
            ))}
          </TableBody>
        </Table>
      </Paper>
    </Box>
  );
}
