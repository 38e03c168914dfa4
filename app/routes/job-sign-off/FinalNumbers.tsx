import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { consequencesOf } from "../../../core/ease/consequences.ts";
import type { NextRing } from "../../../core/fitting/nextPlan.ts";
import { judgedGirthMm, type Prototype } from "../../../core/fitting/prototype.ts";
import { ringName } from "../../../core/fitting/ringName.ts";
import { ringKey } from "../../../core/fitting/rings.ts";
import { percent } from "../../components/units/percent.ts";
import { pressure } from "../../components/units/pull.ts";
import { useLengths } from "../../components/units/UnitContext.tsx";

/** The numbers of a prototype: every girth as planned and as sewn, with what it does on the body. */
export function FinalNumbers({ prototype, rings }: { prototype: Prototype; rings: readonly NextRing[] }) {
  const lengths = useLengths();
  return (
    <Paper sx={{ overflowX: "auto" }}>
      <Table aria-label="Numbers of the garment" size="small">
        <TableHead>
          <TableRow>
            <TableCell>Girth, {lengths.unit}</TableCell>
            <TableCell align="right">Body</TableCell>
            <TableCell align="right">Planned</TableCell>
            <TableCell align="right">As sewn</TableCell>
            <TableCell align="right">Strain</TableCell>
            <TableCell align="right">Pressure</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {rings.map((ring) => {
            const judged = judgedGirthMm(prototype, ring);
            const worn = consequencesOf(judged?.girthMm ?? ring.nowMm, { ...ring, ...prototype.frozen.stretch });
            return (
              <TableRow key={ringKey(ring)}>
                <TableCell component="th">{ringName(ring)}</TableCell>
                <TableCell align="right">{lengths.bare(ring.bodyMm)}</TableCell>
                <TableCell align="right">{lengths.bare(ring.nowMm)}</TableCell>
                <TableCell align="right">
                  {judged?.basis === "sewn" ? lengths.bare(judged.girthMm) : "not measured"}
                </TableCell>
                <TableCell align="right">{percent(worn.strain)}</TableCell>
                <TableCell align="right">{worn.pull ? pressure(worn.pull.pressureKpa) : "no ladder"}</TableCell>
              </TableRow>
            );
          })}
        </TableBody>
      </Table>
    </Paper>
  );
}
