import Paper from "@mui/material/Paper";
import Table from "@mui/material/Table";
import TableBody from "@mui/material/TableBody";
import TableCell from "@mui/material/TableCell";
import TableHead from "@mui/material/TableHead";
import TableRow from "@mui/material/TableRow";
import type { BandReckoning } from "../../../core/band/index.ts";
import { ReckonedValue } from "../calculation/NumberList.tsx";
import { PressureMark } from "../ease/PressureMark.tsx";

const ROWS = [
  { name: "Strain of the wings", rest: "strain", inhaled: "inhaledStrain" },
  { name: "Force", rest: "force-rest", inhaled: "force-inhaled" },
  { name: "Mean pressure", rest: "pressure-rest", inhaled: "pressure-inhaled" },
] as const;

/** The band at rest and breathed in, side by side: a breath is the load case. */
export function BreathTable({ reckoning }: { reckoning: BandReckoning }) {
  const { band, numbers } = reckoning;
  if (!band) return null;
  const cell = (id: string) => {
    const number = numbers.find((one) => one.id === id);
    return number ? <ReckonedValue number={number} /> : "—";
  };
  return (
    <Paper sx={{ mb: 1.5, overflowX: "auto" }}>
      <Table size="small" aria-label="At rest and breathed in">
        <TableHead>
          <TableRow>
            <TableCell />
            <TableCell align="right">At rest</TableCell>
            <TableCell align="right">Breathed in</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {ROWS.map(({ name, rest, inhaled }) => (
            <TableRow key={name}>
              <TableCell component="th">{name}</TableCell>
              {[rest, inhaled].map((id) => (
                <TableCell key={id} align="right" sx={{ fontWeight: 700 }}>
                  {cell(id)}
                </TableCell>
              ))}
            </TableRow>
          ))}
          {band.rest ? (
            <TableRow>
              <TableCell component="th">Band of pressure</TableCell>
              {[band.rest, band.inhaled].map((load, index) => (
                <TableCell key={index === 0 ? "rest" : "inhaled"} align="right">
                  {load ? <PressureMark band={load.pressureBand} withWord /> : "—"}
                </TableCell>
              ))}
            </TableRow>
          ) : null}
        </TableBody>
      </Table>
    </Paper>
  );
}
