import Box from "@mui/material/Box";
import Paper from "@mui/material/Paper";
import Typography from "@mui/material/Typography";
import { formatDay } from "../../../core/units/index.ts";
import type { WearReckoning } from "../../../core/wear/index.ts";
import { WearChart } from "../../chart/charts.ts";
import { plainTable } from "../../frame/plainTable.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** Wears that were read, how the waist settled in them, and the first ones as they are planned. */
export function Wears({ wears, planned, levels, targetMm, laced }: WearReckoning) {
  const lengths = useLengths();
  const plannedMm = levels.find(({ level }) => level === "waist")?.plannedMm ?? null;
  const shown = (mm: number | null) =>
    mm === null ? null : Number(lengths.bare(mm)) || mm / (lengths.unit === "in" ? 25.4 : 10);
  const charted = wears.map(({ at, at0Mm, at10Mm, at30Mm, at120Mm }) => ({
    name: `wear ${at + 1}`,
    begun: shown(at0Mm),
    ended: shown(at120Mm ?? at30Mm ?? at10Mm),
  }));
  return (
    <>
      {wears.length > 0 ? (
        <Box component="section" aria-labelledby="settling" sx={{ mb: 3 }}>
          <Typography variant="h3" id="settling" sx={{ mb: 0.5 }}>
            How it settles
          </Typography>
          <WearChart
            wears={charted}
            planned={shown(plannedMm)}
            unit={lengths.unit}
            label="The closed waist at the beginning and at the end of each wear, against what was planned"
          />
          <Typography sx={{ mb: 1, fontSize: "0.9rem", color: "text.secondary" }}>
            Whole: begun; broken: at its last reading.
          </Typography>
          <Paper sx={{ overflowX: "auto", mb: 1 }}>
            <Box component="table" aria-label="Wears" sx={plainTable}>
              <thead>
                <tr>
                  <th scope="col">Wear</th>
                  <th scope="col" className="number">
                    Laced in by
                  </th>
                  <th scope="col" className="number">
                    Comfort
                  </th>
                  <th scope="col">Breath</th>
                  <th scope="col">Marks</th>
                  <th scope="col">Note</th>
                </tr>
              </thead>
              <tbody>
                {wears.map(({ at, on, settledMm, comfort, speaks, breathes, marks, note, stop }) => (
                  <tr key={at}>
                    <th scope="row" className="words">
                      {`${at + 1}${on ? `, ${formatDay(on)}` : ""}`}
                    </th>
                    <td className="number strong">{settledMm === null ? "—" : lengths.difference(settledMm)}</td>
                    <td className="number">{comfort ?? "—"}</td>
                    <td className={stop && !(speaks && breathes) ? "off" : "words"}>
                      {speaks && breathes ? "speaks and breathes" : speaks ? "no full breath" : "cannot speak long"}
                    </td>
                    <td className={marks === "stays" ? "off" : "words"}>{MARKS[marks]}</td>
                    <td>{note}</td>
                  </tr>
                ))}
              </tbody>
            </Box>
          </Paper>
        </Box>
      ) : null}
      {planned.length > 0 ? (
        <Box component="section" aria-labelledby="first-wears" sx={{ mb: 3 }}>
          <Typography variant="h3" id="first-wears" sx={{ mb: 0.5 }}>
            First wears
          </Typography>
          <Typography sx={{ mb: 1, fontSize: "0.92rem", color: "text.secondary" }}>
            Short, loosely laced, never pressing on: one that was not comfortable is worn again as it was, or let out.
          </Typography>
          <Paper sx={{ overflowX: "auto", maxWidth: 560 }}>
            <Box component="table" aria-label="First wears" sx={plainTable}>
              <tbody>
                {planned.map(({ on, minutes, looserMm }) => (
                  <tr key={on}>
                    <th scope="row" className="words">
                      {formatDay(on)}
                    </th>
                    <td className="number strong">{minutes} min</td>
                    <td>
                      {laced && targetMm !== null
                        ? `gap ${lengths.amount(targetMm + looserMm)}${looserMm > 0 ? ", loosely laced" : ", as planned"}`
                        : "closed only as far as is comfortable"}
                    </td>
                  </tr>
                ))}
              </tbody>
            </Box>
          </Paper>
        </Box>
      ) : null}
    </>
  );
}

const MARKS = { none: "none", goes: "gone in 5 min", stays: "stay" } as const;
