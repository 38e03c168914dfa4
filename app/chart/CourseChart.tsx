import { CartesianGrid, LineChart, ResponsiveContainer, XAxis, YAxis } from "recharts";
import { chartInk, tick } from "./chartStyle.ts";
import { drawnLines, inkedLines } from "./inkedLines.tsx";
import { LineKey } from "./LineKey.tsx";

/** One line over the prototypes; a prototype where it was not read has null. */
export interface CourseLine {
  readonly words: string;
  readonly values: readonly (number | null)[];
}

interface CourseChartProps {
  readonly label: string;
  readonly unit: string;
  /** What stands below each place: `1`, `2`, `next`. */
  readonly places: readonly string[];
  readonly lines: readonly CourseLine[];
}

/** How something went over the prototypes of a job. */
export function CourseChart({ label, unit, places, lines }: CourseChartProps) {
  const rows = places.map((place, index) => ({
    place,
    ...Object.fromEntries(lines.map(({ words, values }) => [words, values[index] ?? undefined])),
  }));
  const drawn = inkedLines(lines.map(({ words }) => words));
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={190}>
        <LineChart margin={{ top: 10, right: 20, bottom: 4, left: 4 }} data={rows} accessibilityLayer={false}>
          <CartesianGrid stroke={chartInk.grid} strokeDasharray="2 4" />
          <XAxis dataKey="place" tick={tick} padding={{ left: 20, right: 20 }} />
          <YAxis
            tick={tick}
            width={58}
            allowDecimals={unit !== "findings"}
            domain={["auto", "auto"]}
            label={{ value: unit, angle: -90, position: "insideLeft", ...tick }}
          />
          {drawnLines(drawn)}
        </LineChart>
      </ResponsiveContainer>
      <LineKey lines={drawn} />
    </div>
  );
}
