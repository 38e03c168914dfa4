import { CartesianGrid, LineChart, ResponsiveContainer, XAxis, YAxis } from "recharts";
import { formatDay } from "../../core/units/index.ts";
import { chartInk, tick } from "./chartStyle.ts";
import { drawnLines, inkedLines } from "./inkedLines.tsx";
import { LineKey } from "./LineKey.tsx";

/** One thing read on several days. */
export interface TimeSeries {
  readonly name: string;
  /** Day (ISO) and value, in the unit of the axis. */
  readonly values: readonly { readonly day: string; readonly value: number }[];
}

interface TimeChartProps {
  readonly series: readonly TimeSeries[];
  readonly unit: string;
  readonly label: string;
}

/** How values changed from day to day, one dashed line a thing. */
export function TimeChart({ series, unit, label }: TimeChartProps) {
  const days = [...new Set(series.flatMap(({ values }) => values.map(({ day }) => day)))].toSorted();
  const rows = days.map((day) => ({
    day: Date.parse(day),
    ...Object.fromEntries(series.map(({ name, values }) => [name, values.find((value) => value.day === day)?.value])),
  }));
  const lines = inkedLines(series.map(({ name }) => name));
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={220}>
        <LineChart margin={{ top: 10, right: 24, bottom: 4, left: 8 }} data={rows} accessibilityLayer={false}>
          <CartesianGrid stroke={chartInk.grid} strokeDasharray="2 4" />
          <XAxis
            dataKey="day"
            type="number"
            scale="time"
            domain={["dataMin", "dataMax"]}
            ticks={rows.map(({ day }) => day)}
            tick={tick}
            tickFormatter={dayOf}
          />
          <YAxis
            tick={tick}
            width={60}
            domain={["auto", "auto"]}
            label={{ value: unit, angle: -90, position: "insideLeft", ...tick }}
          />
          {drawnLines(lines)}
        </LineChart>
      </ResponsiveContainer>
      <LineKey lines={lines} />
    </div>
  );
}

const dayOf = (time: number): string => formatDay(new Date(time).toISOString().slice(0, 10));
