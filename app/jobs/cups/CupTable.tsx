import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { measureOf } from "../../../core/body/index.ts";
import { BREAST_CODES, CUP_SIDES, type CupReckoning } from "../../../core/cups/index.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { ReckonedValue } from "../calculation/NumberList.tsx";

const COMPUTED = [
  { id: "volume", name: "Volume" },
  { id: "cross", name: "Cross seam, cut" },
  { id: "lower", name: "Lower cup seam, cut" },
  { id: "upper", name: "Upper cup seam, cut" },
] as const;

/** Both sides of the chest: what was measured, and what the cups come to. */
export function CupTable({ cup }: { cup: CupReckoning }) {
  const lengths = useLengths();
  const differs = new Set<string>((cup.asymmetry?.measures ?? []).map(({ code }) => code));
  return (
    <Paper sx={{ overflowX: "auto", mb: 1.5 }}>
      <Table size="small" aria-label="Cups, left and right">
        <TableHead>
          <TableRow>
            <TableCell sx={{ color: "text.secondary" }}>body and cup, {lengths.unit}</TableCell>
            {CUP_SIDES.map((side) => (
              <TableCell key={side} align="right">
                {side === "left" ? "Left" : "Right"}
              </TableCell>
            ))}
            <TableCell align="right" sx={{ color: "text.secondary" }}>
              left − right
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {BREAST_CODES.map((code) => {
            const [left, right] = [cup.sides.left.measures[code], cup.sides.right.measures[code]];
            return (
              <TableRow key={code}>
                <TableCell component="th">{measureOf(code).name}</TableCell>
                {[left, right].map((mm, index) => (
                  <TableCell key={CUP_SIDES[index]} align="right">
                    {mm === undefined ? "—" : lengths.bare(mm)}
                  </TableCell>
                ))}
                <TableCell align="right" sx={differs.has(code) ? { fontWeight: 750, color: "warning.main" } : {}}>
                  {left === undefined || right === undefined ? "—" : lengths.difference(left - right)}
                </TableCell>
              </TableRow>
            );
          })}
          {COMPUTED.map(({ id, name }) => (
            <TableRow key={id} sx={{ bgcolor: "bench.sunken" }}>
              <TableCell component="th">{name}</TableCell>
              {CUP_SIDES.map((side) => {
                const number = cup.numbers.find((one) => one.id === `${id}-${side}`);
                return (
                  <TableCell key={side} align="right" sx={{ fontWeight: 700 }}>
                    {number ? <ReckonedValue number={number} /> : "—"}
                  </TableCell>
                );
              })}
              <TableCell />
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Paper>
  );
}
