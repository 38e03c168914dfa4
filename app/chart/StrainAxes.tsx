import { CartesianGrid, XAxis, YAxis } from "recharts";
import { chartInk, tick } from "./chartStyle.ts";

/** Room around a chart of something over strain. */
export const strainMargin = { top: 14, right: 16, bottom: 22, left: 8 } as const;

/** Grid and axes of every chart that shows something over strain. */
export function StrainAxes({ upright }: { upright: string }) {
  return (
    <>
      <CartesianGrid stroke={chartInk.grid} strokeDasharray="2 4" />
      <XAxis
        dataKey="strain"
        type="number"
        domain={[0, "dataMax"]}
        tick={tick}
        tickFormatter={whole}
        label={{ value: "strain, %", position: "insideBottom", offset: -12, ...tick }}
      />
      <YAxis
        type="number"
        tick={tick}
        tickFormatter={whole}
        width={56}
        label={{ value: upright, angle: -90, position: "insideLeft", ...tick }}
      />
    </>
  );
}

const whole = (value: number): string => String(Math.round(value * 10) / 10).replace(/\.0$/, "");
