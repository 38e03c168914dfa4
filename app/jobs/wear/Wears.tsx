import Box from "@mui/material/Box";
import Typography from "@mui/material/Typography";
import { formatDay } from "../../../core/units/index.ts";
import type { WearReckoning } from "../../../core/wear/index.ts";
import { WearChart } from "../../chart/charts.ts";
import { RowTable } from "../../frame/RowTable.tsx";
import { useLengths } from "../../frame/units/UnitContext.tsx";
import { numberCells } from "../calculation/numberCells.tsx";

/** Wears that were read, how the waist settled in them, and the first ones as they are planned. */
export function Wears({ wears, girths, planned, levels, targetMm, laced, numbers }: WearReckoning) {
  const lengths = useLengths();
  const cell = numberCells(numbers);
  const plannedMm = levels.find(({ level }) => level === "waist")?.plannedMm ?? null;
  const shown = (mm: number | null) => (mm === null ? null : mm / (lengths.unit === "in" ? MM_PER_INCH : 10));
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
          <RowTable
            label="Wears"
            columns={[
              { head: "Wear" },
              { head: "Laced in by", as: "number" },
              { head: "Comfort", as: "number" },
              { head: "Breath", as: "words" },
              { head: "Marks", as: "words" },
              { head: "Note" },
            ]}
            rows={wears.map(({ at, on, comfort, speaks, breathes, marks, note }) => ({
              key: at,
              head: `${at + 1}${on ? `, ${formatDay(on)}` : ""}`,
              cells: [
                { show: cell(`settled.${at}`), look: "strong" },
                comfort ?? "—",
                speaks && breathes
                  ? "speaks and breathes"
                  : { show: speaks ? "no full breath" : "cannot speak long", look: "off" },
                marks === "stays" ? { show: MARKS[marks], look: "off" } : MARKS[marks],
                note,
              ],
            }))}
          />
        </Box>
      ) : null}
      {girths.length > 0 ? (
        <Box component="section" aria-labelledby="levels-settling" sx={{ mb: 3 }}>
          <Typography variant="h3" id="levels-settling" sx={{ mb: 0.5 }}>
            Other levels in the wears
          </Typography>
          <RowTable
            label="Other levels in the wears"
            maxWidth={720}
            columns={[
              { head: "Level" },
              { head: "Wear on", as: "words" },
              ...["At first", "At last", "Laced in by"].map((head) => ({ head, as: "number" as const })),
            ]}
            rows={girths.map(({ at, name, on, firstMm, lastMm }) => ({
              key: at,
              head: name,
              cells: [
                on ? formatDay(on) : "—",
                ...[firstMm, lastMm].map((mm) => (mm === null ? "—" : lengths.length(mm))),
                { show: cell(`girth.${at}`), look: "strong" },
              ],
            }))}
          />
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
          <RowTable
            label="First wears"
            maxWidth={560}
            columns={[{ head: "On" }, { head: "For", as: "number" }, { head: "Laced" }]}
            rows={planned.map(({ on, minutes, looserMm }) => ({
              key: on,
              head: formatDay(on),
              cells: [
                { show: `${minutes} min`, look: "strong" },
                laced && targetMm !== null
                  ? `gap ${lengths.amount(targetMm + looserMm)}${looserMm > 0 ? ", loosely laced" : ", as planned"}`
                  : "closed only as far as is comfortable",
              ],
            }))}
          />
        </Box>
      ) : null}
    </>
  );
}

/** The axis of the chart is in plain numbers of the unit shown. */
const MM_PER_INCH = 25.4;

const MARKS = { none: "none", goes: "gone in 5 min", stays: "stay" } as const;
