import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import {
  explainSewing,
  type Prototype,
  ringKey,
  ringName,
  sameRing,
  sewingError,
} from "../../../core/fitting/index.ts";
import { asMeasured, type SewnTarget, type SewnTargets } from "../../../core/redraw/index.ts";
import type { LengthUnit } from "../../../core/units/index.ts";
import { TextInput } from "../../form/TextInput.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";
import { ringField, sewnLengthField } from "./sewnFields.ts";

/** A field for the flat width of each ring and for each length, beside what was planned and how far it was missed. */
export function SewnFields({ prototype, targets, unit }: SewnOf & { unit: LengthUnit }) {
  return <Sewn prototype={prototype} targets={targets} unit={unit} fixed={false} />;
}

/** Widths and lengths of a closed prototype, as they were measured. */
export function SewnTable({ prototype, targets }: SewnOf) {
  const { unit } = useLengths();
  return <Sewn prototype={prototype} targets={targets} unit={unit} fixed />;
}

interface SewnOf {
  readonly prototype: Prototype;
  /** What a garment sewn just as it was cut comes to. */
  readonly targets: SewnTargets;
}

interface SewnLine {
  readonly field: string;
  readonly name: string;
  readonly label: string;
  /** What is to be measured: as planned, or as drawn where the pieces end elsewhere. */
  readonly plannedMm: number;
  /** Where it is measured, in words; empty where the plan has it. */
  readonly where: string;
  /** What is measured of it: half of a girth. */
  readonly measured: number;
  readonly sewnMm: number | null;
}

const linesOf = ({ frozen, sewn, sewnLengths }: Prototype, targets: SewnTargets): SewnLine[] => [
  ...frozen.rings.map((ring) => ({
    field: ringField(ring),
    name: ringName(ring),
    label: `${ringName(ring)}, flat`,
    measured: 1 / 2,
    ...measuredAt(targets.rings[ringKey(ring)], ring.nowMm, sewn.find((one) => sameRing(one, ring))?.sewnMm ?? null),
  })),
  ...frozen.lengths.map(({ id, name, nowMm }) => ({
    field: sewnLengthField(id),
    name,
    label: `${name}, as sewn`,
    measured: 1,
    ...measuredAt(targets.lengths[id], nowMm, sewnLengths.find((one) => one.id === id)?.sewnMm ?? null),
  })),
];

/** A girth or length where it is measured on the garment. */
const measuredAt = (
  target: SewnTarget | undefined,
  nowMm: number,
  sewnMm: number | null,
): Pick<SewnLine, "plannedMm" | "where" | "sewnMm"> =>
  target
    ? {
        plannedMm: target.mm,
        where: target.where,
        sewnMm: sewnMm === null ? null : asMeasured(sewnMm, target, nowMm),
      }
    : { plannedMm: nowMm, where: "", sewnMm };

function Sewn({ prototype, targets, unit, fixed }: SewnOf & { unit: LengthUnit; fixed: boolean }) {
  const lengths = useLengths();
  return (
    <Paper sx={{ overflowX: "auto", mb: 2, maxWidth: 860 }}>
      <Table aria-label="As sewn">
        <TableHead>
          <TableRow>
            <TableCell>Garment, {unit}</TableCell>
            <TableCell align="right">To be sewn</TableCell>
            <TableCell align="right">Flat</TableCell>
            <TableCell>Measured, as sewn</TableCell>
            <TableCell align="right">As sewn</TableCell>
            <TableCell align="right">Difference</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {linesOf(prototype, targets).map(({ field, name, label, plannedMm, where, measured, sewnMm }) => {
            const error = sewnMm === null ? null : sewingError(sewnMm, plannedMm);
            return (
              <TableRow key={field}>
                <TableCell component="th">
                  {name}
                  {where ? (
                    <Box component="span" sx={{ display: "block", color: "text.secondary", fontWeight: 400 }}>
                      {where}
                    </Box>
                  ) : null}
                </TableCell>
                <TableCell align="right">{lengths.bare(plannedMm)}</TableCell>
                <TableCell align="right">{measured === 1 ? "—" : lengths.bare(plannedMm * measured)}</TableCell>
                <TableCell sx={{ width: 290, "& .MuiFormHelperText-root": { minHeight: 0 } }}>
                  {fixed ? (
                    sewnMm === null ? (
                      "not measured"
                    ) : (
                      lengths.bare(sewnMm * measured)
                    )
                  ) : (
                    <TextInput name={field} label={label} hint="" numeric suffix={unit} />
                  )}
                </TableCell>
                <TableCell align="right">{sewnMm === null ? "—" : lengths.bare(sewnMm)}</TableCell>
                <TableCell
                  align="right"
                  sx={{
                    fontWeight: error?.flagged ? 750 : 400,
                    color: error?.flagged ? "warning.main" : "text.primary",
                  }}
                >
                  {sewnMm !== null && error ? (
                    <Why label={`${name}, sewing error`} explain={() => explainSewing(name, sewnMm, plannedMm)}>
                      {lengths.difference(error.errorMm)}
                      {error.flagged ? " off plan" : ""}
                    </Why>
                  ) : (
                    "—"
                  )}
                </TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
    </Paper>
  );
}
