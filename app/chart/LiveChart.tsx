import { ComposedChart, Line, ResponsiveContainer, Scatter } from "recharts";
import type { GaugeReading } from "../../core/gauge/index.ts";
import { chartInk } from "./chartStyle.ts";
import { StrainAxes, strainMargin } from "./StrainAxes.tsx";

interface LiveChartProps {
  readonly readings: readonly GaugeReading[];
  readonly taken: readonly { readonly forceN: number; readonly lengthMm: number }[];
  readonly gaugeMm: number;
}

/** Most readings drawn; of more, every so many-th. */
const DRAWN = 250;

/** Force against stretch as the gauge sends them, with the readings already taken. */
export function LiveChart({ readings, taken, gaugeMm }: LiveChartProps) {
  const every = Math.max(1, Math.ceil(readings.length / DRAWN));
  const rows = readings
    .filter((_, index) => index % every === 0)
    .map(({ n, mm }) => ({ strain: (mm / gaugeMm - 1) * 100, force: n }));
  const steps = taken.map(({ forceN, lengthMm }) => ({ strain: (lengthMm / gaugeMm - 1) * 100, taken: forceN }));
  return (
    <div role="img" aria-label="Force against stretch, live">
      <ResponsiveContainer width="100%" height={300}>
        <ComposedChart margin={strainMargin} data={rows} accessibilityLayer={false}>
          <StrainAxes upright="force, N" />
          <Line dataKey="force" stroke={chartInk.main} strokeWidth={1.2} dot={{ r: 1.2 }} isAnimationActive={false} />
          <Scatter data={steps} dataKey="taken" fill={chartInk.second} shape="diamond" isAnimationActive={false} />
        </ComposedChart>
      </ResponsiveContainer>
    </div>
  );
}
