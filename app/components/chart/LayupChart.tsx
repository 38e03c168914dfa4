import { CartesianGrid, ComposedChart, Line, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from "recharts";
import { type LayupLayer, layupTensionAt } from "../../../core/cloth/layup.ts";
import { chartInk, DASHES, tick } from "./chartStyle.ts";
import { LineKey } from "./LineKey.tsx";

interface LayupChartProps {
  readonly layers: readonly LayupLayer[];
  readonly usable: number;
}

const SAMPLES = 61;

/** The summed tension of a layup over strain, with each layer's part under it. */
export function LayupChart({ layers, usable }: LayupChartProps) {
  const upTo = usable * 1.1;
  const rows = Array.from({ length: SAMPLES }, (_, index) => {
    const strain = (index / (SAMPLES - 1)) * upTo;
    const tension = layupTensionAt(layers, strain);
    const parts = Object.fromEntries((tension?.parts ?? []).map((part, layer) => [`layer${layer}`, part]));
    return { strain: strain * 100, sum: tension?.tensionNPerM, ...parts };
  });
  const lines = layers.map(({ name }, index) => ({
    words: name,
    dash: DASHES[(index % (DASHES.length - 1)) + 1] ?? "",
    ink: chartInk.second,
  }));
  return (
    <div role="img" aria-label="Tension of the layup over strain">
      <ResponsiveContainer width="100%" height={300}>
        <ComposedChart margin={{ top: 14, right: 16, bottom: 22, left: 8 }} data={rows} accessibilityLayer={false}>
          <CartesianGrid stroke={chartInk.grid} strokeDasharray="2 4" />
          <XAxis
            dataKey="strain"
            type="number"
            domain={[0, "dataMax"]}
            tick={tick}
            tickFormatter={(value: number) => String(Math.round(value))}
            label={{ value: "strain, %", position: "insideBottom", offset: -12, ...tick }}
          />
          <YAxis
            type="number"
            tick={tick}
            width={56}
            label={{ value: "tension, N/m", angle: -90, position: "insideLeft", ...tick }}
          />
          <ReferenceLine
            x={usable * 100}
            stroke={chartInk.text}
            label={{ value: "usable", position: "insideTopRight", ...tick }}
          />
          <Line dataKey="sum" stroke={chartInk.main} strokeWidth={3} dot={false} isAnimationActive={false} />
          {lines.map(({ dash, ink, words }, index) => (
            <Line
              key={words}
              dataKey={`layer${index}`}
              stroke={ink}
              strokeWidth={1.8}
              strokeDasharray={dash}
              dot={false}
              isAnimationActive={false}
            />
          ))}
        </ComposedChart>
      </ResponsiveContainer>
      <LineKey lines={[{ words: "all layers together", dash: "", ink: chartInk.main }, ...lines]} />
    </div>
  );
}
