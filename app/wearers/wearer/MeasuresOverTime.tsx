import Typography from "@mui/material/Typography";
import { type MeasureCode, measuredValue, nameOf, type Sheet } from "../../../core/body/index.ts";
import { MM_PER_INCH } from "../../../core/units/index.ts";
import { TimeChart } from "../../chart/charts.ts";
import { useLengths } from "../../frame/units/UnitContext.tsx";

/** The girths a body is usually watched by. */
const WATCHED: readonly MeasureCode[] = ["bust", "underbust", "waist", "high_hip", "hip"];

/** How the main girths went from sheet to sheet; nothing while there are fewer than two. */
export function MeasuresOverTime({ sheets }: { sheets: readonly Pick<Sheet, "takenOn" | "values">[] }) {
  const { unit } = useLengths();
  const perUnit = unit === "cm" ? 10 : MM_PER_INCH;
  const series = WATCHED.map((code) => ({
    name: nameOf(code, "single"),
    values: sheets.flatMap(({ takenOn, values }) => {
      const value = measuredValue(values, code);
      return value ? [{ day: takenOn, value: Math.round((value.mm / perUnit) * 10) / 10 }] : [];
    }),
  })).filter(({ values }) => values.length > 1);
  if (series.length === 0) return null;
  return (
    <section aria-label="Over time">
      <Typography variant="h2" sx={{ mt: 4, mb: 1 }}>
        Over time
      </Typography>
      <TimeChart series={series} unit={unit} label="Girths of this wearer over time" />
    </section>
  );
}
