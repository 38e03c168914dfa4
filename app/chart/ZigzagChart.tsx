import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceDot,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from "recharts";
import { chartInk, tick } from "./chartStyle.ts";
import { inkedLines } from "./inkedLines.tsx";
import { LineKey } from "./LineKey.tsx";

interface ZigzagChartProps {
  /** Stretch (ratio) of a zigzag so wide and so long, mm. */
  readonly stretchOf: (widthMm: number, lengthMm: number) => number;
  /** As it is typed, mm; null while it is not. */
  readonly at: { readonly widthMm: number; readonly lengthMm: number } | null;
  readonly needed: number | null;
  readonly label: string;
}

/** Widths that are drawn, lengths they are drawn over, and the most that is shown: mm, mm, per cent. */
const [WIDTHS, LENGTHS, MOST] = [[1.5, 2.5, 3.5, 5], { from: 0.5, to: 4, step: 0.1 }, 200] as const;

/** What each dial does: the stretch of a zigzag over its length, a line for each width. */
export function ZigzagChart({ stretchOf, at, needed, label }: ZigzagChartProps) {
  const count = Math.round((LENGTHS.to - LENGTHS.from) / LENGTHS.step);
  const rows = Array.from({ length: count + 1 }, (_, nth) => {
    const lengthMm = LENGTHS.from + nth * LENGTHS.step;
    return {
      lengthMm,
      ...Object.fromEntries(WIDTHS.map((width) => [nameOf(width), Math.min(MOST, stretchOf(width, lengthMm) * 100)])),
    };
  });
  const lines = inkedLines(WIDTHS.map(nameOf));
  const here = at && Math.min(MOST, stretchOf(at.widthMm, at.lengthMm) * 100);
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={220}>
        <LineChart margin={{ top: 10, right: 70, bottom: 18, left: 8 }} data={rows} accessibilityLayer={false}>
          <CartesianGrid stroke={chartInk.grid} strokeDasharray="2 4" />
          <XAxis
            dataKey="lengthMm"
            type="number"
            domain={[LENGTHS.from, LENGTHS.to]}
            ticks={[0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4]}
            tick={tick}
            label={{ value: "length of a step, mm", position: "insideBottom", offset: -10, ...tick }}
          />
          <YAxis
            tick={tick}
            width={56}
            domain={[0, MOST]}
            label={{ value: "stretch, %", angle: -90, position: "insideLeft", ...tick }}
          />
          {lines.map(({ words, dash, ink }) => (
            <Line
              key={words}
              dataKey={words}
              stroke={ink}
              strokeWidth={2}
              strokeDasharray={dash}
              dot={false}
              isAnimationActive={false}
            />
          ))}
          {needed === null ? null : (
            <ReferenceLine
              y={needed * 100}
              stroke={chartInk.text}
              strokeWidth={2}
              label={{ value: "needed", position: "right", ...tick }}
            />
          )}
          {at && here !== null ? (
            <ReferenceDot x={at.lengthMm} y={here} r={6} fill={chartInk.second} stroke={chartInk.sheet} />
          ) : null}
        </LineChart>
      </ResponsiveContainer>
      <LineKey lines={lines} />
    </div>
  );
}

const nameOf = (widthMm: number): string => `${widthMm} mm wide`;
