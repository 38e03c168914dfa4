import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import Typography from "@mui/material/Typography";
import { type Draft, girthsOf } from "../../core/drafting/index.ts";
import { ZONE_NAMES } from "../../core/ease/index.ts";
import { explainGirth } from "../../core/pieces/index.ts";
import { useLengths } from "../frame/units/UnitContext.tsx";
import { Why } from "../frame/why/WhyDrawer.tsx";

const NAMES: Readonly<Record<string, string>> = { ...ZONE_NAMES, trunkLoop: "Trunk loop" };
const nameOf = (level: string): string => NAMES[level] ?? level;

/** What the pieces come to at every level and along every loop, against the plan. */
export function GirthTable({ draft }: { draft: Draft }) {
  const lengths = useLengths();
  const { girths, openLevels } = girthsOf(draft);
  if (girths.length === 0) return null;
  return (
    <>
      <Paper sx={{ overflowX: "auto", mb: 1 }}>
        <Table size="small" aria-label="Girths of the pieces against the plan">
          <TableHead>
            <TableRow>
              <TableCell>All round, {lengths.unit}</TableCell>
              <TableCell align="right">Planned</TableCell>
              <TableCell align="right">Pieces</TableCell>
              <TableCell align="right">Pieces − plan</TableCell>
            </TableRow>
          </TableHead>
          <TableBody>
            {girths.map((girth) => {
              const off = girth.piecesMm - girth.plannedMm;
              return (
                <TableRow key={girth.level}>
                  <TableCell component="th">{nameOf(girth.level)}</TableCell>
                  <TableCell align="right">{lengths.bare(girth.plannedMm)}</TableCell>
                  <TableCell align="right" sx={{ fontWeight: 700 }}>
                    <Why
                      label={`Pieces at ${nameOf(girth.level).toLowerCase()}`}
                      explain={() => explainGirth(draft, girth)}
                    >
                      {lengths.bare(girth.piecesMm)}
                    </Why>
                  </TableCell>
                  <TableCell align="right" sx={Math.abs(off) > 1 ? { fontWeight: 750, color: "warning.main" } : {}}>
                    {lengths.difference(off)}
                  </TableCell>
                </TableRow>
              );
            })}
          </TableBody>
        </Table>
      </Paper>
      {openLevels.length > 0 ? (
        <Typography sx={{ mb: 2, fontSize: "0.92rem", color: "text.secondary" }}>
          Not all round, so not counted: {openLevels.map((level) => nameOf(level).toLowerCase()).join(", ")}. An edge
          cuts it off.
        </Typography>
      ) : null}
    </>
  );
}
