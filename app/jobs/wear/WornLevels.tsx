import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import type { LevelWorn } from "../../../core/wear/index.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Level by level: the body, what was planned, and how far it closed on a form and on the wearer. */
export function WornLevels({ levels }: { levels: readonly LevelWorn[] }) {
  const lengths = useLengths();
  const [form, wearer] = [
    levels.some(({ onFormMm }) => onFormMm !== null),
    levels.some(({ onWearerMm }) => onWearerMm !== null),
  ];
  const written = (mm: number | null) => (mm === null ? "—" : lengths.length(mm));
  return (
    <Paper sx={{ overflowX: "auto", mb: 2 }}>
      <Box component="table" aria-label="On the body and on the form" sx={plainTable}>
        <thead>
          <tr>
            <th scope="col">Level</th>
            <th scope="col" className="number">
              Body
            </th>
            <th scope="col" className="number">
              Planned closed
            </th>
            {form ? (
              <th scope="col" className="number">
                Closed on the form
              </th>
            ) : null}
            {wearer ? (
              <>
                <th scope="col" className="number">
                  Closed on the wearer
                </th>
                <th scope="col" className="number">
                  Gap
                </th>
              </>
            ) : null}
          </tr>
        </thead>
        <tbody>
          {levels.map(({ level, name, bodyMm, plannedMm, onFormMm, onWearerMm, gapMm }) => (
            <tr key={level}>
              <th scope="row" className="words">
                {name}
              </th>
              <td className="number">{lengths.length(bodyMm)}</td>
              <td className="number">{lengths.length(plannedMm)}</td>
              {form ? <td className="number">{written(onFormMm)}</td> : null}
              {wearer ? (
                <>
                  <td className="number strong">{written(onWearerMm)}</td>
                  <td className="number">{gapMm === null ? "—" : lengths.amount(gapMm)}</td>
                </>
              ) : null}
            </tr>
          ))}
        </tbody>
      </Box>
    </Paper>
  );
}
