import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import type { ClosingMark } from "../../../core/bones/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Sides that differ by less are marked as one, mm. */
const ALIKE_MM = 1;

/** Where it closes, level by level: half of the closed girth on either side of the marked centre; sides that differ stay apart. */
export function ClosingLine({ line }: { line: readonly ClosingMark[] }) {
  const lengths = useLengths();
  const marked = line.some(({ leftMm, rightMm }) => leftMm !== null || rightMm !== null);
  const written = (mm: number | null) => (mm === null ? "—" : lengths.length(mm));
  return (
    <>
      <Typography variant="h3" sx={{ mb: 0.5 }}>
        Closing line
      </Typography>
      <Typography sx={{ mb: 1, color: "text.secondary", fontSize: "0.92rem" }}>
        Mark the centre on the body, and half of the closed girth to either side. Sides that differ are marked, not
        averaged.
      </Typography>
      <Paper sx={{ overflowX: "auto", mb: 2, maxWidth: 640 }}>
        <Box component="table" aria-label="Closing line" sx={plainTable}>
          <thead>
            <tr>
              <th scope="col">Level</th>
              <th scope="col" className="number">
                Half of it
              </th>
              {marked ? (
                <>
                  <th scope="col" className="number">
                    Left
                  </th>
                  <th scope="col" className="number">
                    Right
                  </th>
                  <th scope="col" className="number">
                    Left less right
                  </th>
                </>
              ) : null}
            </tr>
          </thead>
          <tbody>
            {line.map(({ level, name, halfMm, leftMm, rightMm }) => {
              const apart = leftMm === null || rightMm === null ? null : leftMm - rightMm;
              return (
                <tr key={level}>
                  <th scope="row" className="words">
                    {name}
                  </th>
                  <td className="number strong">{lengths.length(halfMm)}</td>
                  {marked ? (
                    <>
                      <td className="number">{written(leftMm)}</td>
                      <td className="number">{written(rightMm)}</td>
                      <td className={`number${apart !== null && Math.abs(apart) > ALIKE_MM ? " off" : ""}`}>
                        {apart === null ? "—" : lengths.difference(apart)}
                      </td>
                    </>
                  ) : null}
                </tr>
              );
            })}
          </tbody>
        </Box>
      </Paper>
    </>
  );
}
