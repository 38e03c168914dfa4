import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { sewingError } from "../../../core/fitting/asSewn.ts";
import { explainSewing } from "../../../core/fitting/explain/explainRing.ts";
import type { Prototype } from "../../../core/fitting/prototype.ts";
import { ringName } from "../../../core/fitting/ringName.ts";
import { ringKey, sameRing } from "../../../core/fitting/rings.ts";
import type { LengthUnit } from "../../../core/units/length.ts";
import { TextInput } from "../../components/forms/TextInput.tsx";
import { useLengths } from "../../components/units/UnitContext.tsx";
import { Why } from "../../components/why/WhyDrawer.tsx";

/** A field for the flat width of each ring, beside what was planned and how far it was missed. */
export function SewnFields({ prototype, unit }: { prototype: Prototype; unit: LengthUnit }) {
  return <Sewn prototype={prototype} unit={unit} fixed={false} />;
}

/** The flat widths of a closed prototype, as they were measured. */
export function SewnTable({ prototype }: { prototype: Prototype }) {
  const { unit } = useLengths();
  return <Sewn prototype={prototype} unit={unit} fixed />;
}

function Sewn({ prototype, unit, fixed }: { prototype: Prototype; unit: LengthUnit; fixed: boolean }) {
  const lengths = useLengths();
  return (
    <Paper sx={{ overflowX: "auto", mb: 2, maxWidth: 860 }}>
      <Table aria-label="As sewn">
        <TableHead>
          <TableRow>
            <TableCell>Garment, {unit}</TableCell>
            <TableCell align="right">Planned girth</TableCell>
            <TableCell align="right">Planned flat</TableCell>
            <TableCell>Flat width, as sewn</TableCell>
            <TableCell align="right">Girth, as sewn</TableCell>
            <TableCell align="right">Difference</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {prototype.frozen.rings.map((ring) => {
            const sewn = prototype.sewn.find((one) => sameRing(one, ring));
            const error = sewn ? sewingError(sewn.sewnMm, ring.nowMm) : null;
            return (
              <TableRow key={ringKey(ring)}>
                <TableCell component="th">{ringName(ring)}</TableCell>
                <TableCell align="right">{lengths.bare(ring.nowMm)}</TableCell>
                <TableCell align="right">{lengths.bare(ring.nowMm / 2)}</TableCell>
                <TableCell sx={{ width: 220, "& .MuiFormHelperText-root": { minHeight: 0 } }}>
                  {fixed ? (
                    sewn ? (
                      lengths.bare(sewn.sewnMm / 2)
                    ) : (
                      "not measured"
                    )
                  ) : (
                    <TextInput name={ringKey(ring)} label={`${ringName(ring)}, flat`} hint="" numeric suffix={unit} />
                  )}
                </TableCell>
                <TableCell align="right">{sewn ? lengths.bare(sewn.sewnMm) : "—"}</TableCell>
                <TableCell
                  align="right"
                  sx={{
                    fontWeight: error?.flagged ? 750 : 400,
                    color: error?.flagged ? "warning.main" : "text.primary",
                  }}
                >
                  {sewn && error ? (
                    <Why
                      label={`${ringName(ring)}, sewing error`}
                      explain={() => explainSewing(ring, sewn.sewnMm, ring.nowMm)}
                    >
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
