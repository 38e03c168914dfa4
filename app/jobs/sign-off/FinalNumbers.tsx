import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import { sheetWords } from "../../../core/body/index.ts";
import { consequencesOf, explainDerived, wornIn } from "../../../core/ease/index.ts";
import {
  derivedFromRing,
  judgedGirthMm,
  type NextRing,
  type Prototype,
  ringKey,
  ringName,
} from "../../../core/fitting/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { percent } from "../../frame/units/percent.ts";
import { pressure } from "../../frame/units/pull.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { Why } from "../../frame/why/WhyDrawer.tsx";

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
            const worn = consequencesOf(judged?.girthMm ?? ring.nowMm, {
              ...ring,
              ...wornIn(prototype.frozen.style, prototype.frozen.stretch),
            });
            const derived = derivedFromRing({ ...ring, consequences: worn }, prototype.frozen.stretch, {
              body: sheetWords(prototype.frozen.sheet, prototype.frozen.settings.fingerAllowanceMm),
              garment: judged?.basis === "sewn" ? "as sewn" : "frozen plan",
              cloth: `test of ${formatDay(prototype.frozen.test.testedOn)}`,
            });
            return (
              <TableRow key={ringKey(ring)}>
                <TableCell component="th">{ringName(ring)}</TableCell>
                <TableCell align="right">{lengths.bare(ring.bodyMm)}</TableCell>
                <TableCell align="right">{lengths.bare(ring.nowMm)}</TableCell>
                <TableCell align="right">
                  {judged?.basis === "sewn" ? lengths.bare(judged.girthMm) : "not measured"}
                </TableCell>
                <TableCell align="right">
                  <Why label={`${ringName(ring)}, strain`} explain={() => explainDerived("strain", derived)}>
                    {percent(worn.strain)}
                  </Why>
                </TableCell>
                <TableCell align="right">
                  {worn.pull ? (
                    <Why label={`${ringName(ring)}, pressure`} explain={() => explainDerived("pressure", derived)}>
                      {pressure(worn.pull.pressureKpa)}
                    </Why>
                  ) : (
                    "no ladder"
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
