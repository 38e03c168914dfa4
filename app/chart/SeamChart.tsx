import { Bar, CartesianGrid, Cell, ComposedChart, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from "recharts";
import { chartInk, tick } from "./chartStyle.ts";

/** A trial as it is charted. Ratios. */
export interface ChartedTrial {
  readonly name: string;
  readonly stretch: number;
  /** True where it holds what is needed. */
  readonly holds: boolean;
}

interface SeamChartProps {
  readonly trials: readonly ChartedTrial[];
  /** Ratio; null while it is not known. */
  readonly needed: number | null;
  readonly cloth: number | null;
  readonly label: string;
}

/** Trials in their order: how far each seam went, against what is needed and what the cloth gives. Those that fail are open bars. */
export function SeamChart({ trials, needed, cloth, label }: SeamChartProps) {
  const rows = trials.map(({ name, stretch, holds }) => ({ name, percent: stretch * 100, holds }));
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={240}>
        <ComposedChart margin={{ top: 12, right: 90, bottom: 4, left: 8 }} data={rows} accessibilityLayer={false}>
          <CartesianGrid stroke={chartInk.grid} strokeDasharray="2 4" vertical={false} />
          <XAxis dataKey="name" tick={tick} />
          <YAxis
            tick={tick}
            width={56}
            label={{ value: "seam stretch, %", angle: -90, position: "insideLeft", ...tick }}
          />
          <Bar dataKey="percent" isAnimationActive={false} maxBarSize={46} stroke={chartInk.main} strokeWidth={2}>
            {rows.map(({ name, holds }) => (
              <Cell key={name} fill={holds ? chartInk.main : "transparent"} />
            ))}
          </Bar>
          {needed === null ? null : (
            <ReferenceLine
              y={needed * 100}
              stroke={chartInk.second}
              strokeWidth={2}
              ifOverflow="extendDomain"
              label={{ value: "needed", position: "right", ...tick }}
            />
          )}
          {cloth === null ? null : (
            <ReferenceLine
              y={cloth * 100}
              stroke={chartInk.text}
              strokeDasharray="6 4"
              ifOverflow="extendDomain"
              label={{ value: "the cloth", position: "right", ...tick }}
            />
          )}
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
