import { CartesianGrid, Line, LineChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from "recharts";
import { chartInk, tick } from "./chartStyle.ts";

/** A wear as it is charted: the closed waist at its beginning and at its end, in the unit shown; null where it was not read. */
export interface ChartedWear {
  readonly name: string;
  readonly begun: number | null;
  readonly ended: number | null;
}

interface WearChartProps {
  readonly wears: readonly ChartedWear[];
  /** The waist as planned, in the unit shown; null where none is. */
  readonly planned: number | null;
  readonly unit: string;
  readonly label: string;
}

/** How a laced waist settles from wear to wear: begun and ended, against what was planned. */
export function WearChart({ wears, planned, unit, label }: WearChartProps) {
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={240}>
        <LineChart margin={{ top: 12, right: 90, bottom: 4, left: 8 }} data={[...wears]} accessibilityLayer={false}>
          <CartesianGrid stroke={chartInk.grid} strokeDasharray="2 4" vertical={false} />
          <XAxis dataKey="name" tick={tick} />
          <YAxis
            tick={tick}
            width={56}
            domain={["auto", "auto"]}
            label={{ value: `closed waist, ${unit}`, angle: -90, position: "insideLeft", ...tick }}
          />
          <Line dataKey="begun" stroke={chartInk.main} strokeWidth={2} isAnimationActive={false} connectNulls />
          <Line
            dataKey="ended"
            stroke={chartInk.second}
            strokeWidth={2}
            strokeDasharray="6 4"
            isAnimationActive={false}
            connectNulls
          />
          {planned === null ? null : (
            <ReferenceLine
              y={planned}
              stroke={chartInk.text}
              ifOverflow="extendDomain"
              label={{ value: "planned", position: "right", ...tick }}
            />
          )}
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
