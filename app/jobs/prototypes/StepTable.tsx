import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { explainDerived, lacedStepOf, stretchStepOf } from "../../../core/ease/index.ts";
import {
  type CarriedChange,
  derivedFromRing,
  explainNow,
  type RingStep,
  ringKey,
  ringName,
} from "../../../core/fitting/index.ts";
import { LacedMark } from "../../figure/stretch/LacedMark.tsx";
import { StretchMark } from "../../figure/stretch/StretchMark.tsx";
import { percent } from "../../frame/units/percent.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { BeforeCells, BeforeHeads } from "./BeforeCells.tsx";

interface StepTableProps {
  readonly label: string;
  readonly steps: readonly RingStep[];
  /** Every change the girths carry. */
  readonly changes: readonly CarriedChange[];
  readonly stretch: { readonly usable: number; readonly recovery: number | null };
  readonly sources: { readonly body: string; readonly garment: string; readonly cloth: string };
  /** Number of the prototype before; null in front of the first. */
  readonly beforeNumber: number | null;
}

/** Zone by zone: planned → sewn → changed → now planned, with what the new girth does on the body. */
export function StepTable({ label, steps, changes, stretch, sources, beforeNumber }: StepTableProps) {
  const lengths = useLengths();
  const laced = steps.some(({ consequences }) => consequences.bodyGives);
  return (
    <Paper sx={{ overflowX: "auto" }}>
      <Table aria-label={label} sx={{ "& th, & td": { px: 1.25 } }}>
        <TableHead>
          <TableRow>
            <TableCell>Garment girth, {lengths.unit}</TableCell>
            <TableCell align="right">Body</TableCell>
            <BeforeHeads beforeNumber={beforeNumber} />
            <TableCell align="right">Now planned</TableCell>
            <TableCell align="right">Flat, half</TableCell>
            <TableCell align="right">Strain</TableCell>
            <TableCell align="right">{laced ? "Closes smaller by" : "Share of stretch"}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {steps.map((step) => {
            const name = ringName(step);
            const derived = derivedFromRing(step, stretch, sources);
            const { strain, shareUsed, flatMm, bodyGives, reduction } = step.consequences;
            return (
              <TableRow key={ringKey(step)}>
                <TableCell component="th">{name}</TableCell>
                <TableCell align="right" sx={{ color: "text.secondary" }}>
                  {lengths.bare(step.bodyMm)}
                </TableCell>
                {beforeNumber === null ? (
                  <TableCell align="right">{lengths.bare(step.plannedMm)}</TableCell>
                ) : (
                  <BeforeCells step={step} name={name} />
                )}
                <TableCell align="right" sx={{ fontWeight: 750, fontSize: "1.1rem" }}>
                  <Why label={`${name}, now planned`} explain={() => explainNow(step, changes, sources.garment)}>
                    {lengths.bare(step.nowMm)}
                  </Why>
                </TableCell>
                <TableCell align="right">
                  <Why label={`${name}, flat`} explain={() => explainDerived("flat", derived)}>
                    {lengths.bare(flatMm)}
                  </Why>
                </TableCell>
                <TableCell align="right">
                  <Why label={`${name}, strain`} explain={() => explainDerived("strain", derived)}>
                    {percent(strain)}
                  </Why>
                </TableCell>
                <TableCell align="right" sx={{ whiteSpace: "nowrap" }}>
                  {bodyGives ? (
                    <Why label={`${name}, closes smaller by`} explain={() => explainDerived("reduction", derived)}>
                      {percent(reduction)}
                    </Why>
                  ) : shareUsed === null ? (
                    "no stretch"
                  ) : (
                    <Why label={`${name}, share of stretch`} explain={() => explainDerived("shareUsed", derived)}>
                      {percent(shareUsed)}
                    </Why>
                  )}
                  <Box component="span" sx={{ ml: 1 }}>
                    {bodyGives ? (
                      <LacedMark step={lacedStepOf(reduction)} />
                    ) : (
                      <StretchMark step={stretchStepOf(shareUsed, strain)} />
                    )}
                  </Box>
                </TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
    </Paper>
  );
}
