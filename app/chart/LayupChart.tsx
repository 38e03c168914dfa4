import { ComposedChart, Line, ReferenceLine, ResponsiveContainer } from "recharts";
import { type LayupLayer, layupTensionAt } from "../../core/cloth/index.ts";
import { chartInk, DASHES, tick } from "./chartStyle.ts";
import { LineKey } from "./LineKey.tsx";
import { StrainAxes, strainMargin } from "./StrainAxes.tsx";

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
        <ComposedChart margin={strainMargin} data={rows} accessibilityLayer={false}>
          <StrainAxes upright="tension, N/m" />
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
