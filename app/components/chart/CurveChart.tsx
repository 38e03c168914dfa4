import {
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceLine,
  ResponsiveContainer,
  Scatter,
  XAxis,
  YAxis,
} from "recharts";
import { sampleCurve } from "../../../core/cloth/curve/sample.ts";
import { type TensionCurve, testedTo } from "../../../core/cloth/curve/tensionCurve.ts";
import type { LadderResult } from "../../../core/cloth/loadLadder.ts";
import { chartInk, tick } from "./chartStyle.ts";
import { type KeyLine, LineKey } from "./LineKey.tsx";

interface CurveChartProps {
  readonly ladder: Pick<LadderResult, "loading" | "returning">;
  /** Reference tension, N/m, drawn as a level line. */
  readonly referenceNPerM: number;
  /** Usable stretch, drawn as an upright line; null while it is not known. */
  readonly usable: number | null;
  /** A curve to compare with, such as the stand-in's true one. */
  readonly compare?: TensionCurve | null;
  readonly label: string;
}

const SAMPLES = 61;

/** How much further than the test a curve is drawn, and what part of the largest strain that is. */
const BEYOND = 0.15;

interface ChartRow {
  readonly strain: number;
  readonly loading?: number;
  readonly beyond?: number;
  readonly returning?: number;
  readonly compare?: number;
}

/** Tension over strain: the readings, the curve through them, what lies beyond the test, and the way back. */
export function CurveChart({ ladder, referenceNPerM, usable, compare = null, label }: CurveChartProps) {
  const { loading, returning } = ladder;
  const rows = rowsOf(loading, returning, compare);
  const readings = loading.cubic.points
    .slice(1)
    .map(([strain, tension]) => ({ strain: strain * 100, reading: tension }));
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={300}>
        <ComposedChart margin={{ top: 14, right: 16, bottom: 22, left: 8 }} data={rows} accessibilityLayer={false}>
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
            label={{ value: "tension, N/m", angle: -90, position: "insideLeft", ...tick }}
          />
          <ReferenceLine
            y={referenceNPerM}
            stroke={chartInk.text}
            strokeDasharray="3 3"
            ifOverflow="extendDomain"
            label={{ value: `reference ${referenceNPerM} N/m`, position: "insideTopLeft", ...tick }}
          />
          {usable === null ? null : (
            <ReferenceLine
              x={usable * 100}
              stroke={chartInk.second}
              label={{ value: "usable", position: "insideTopRight", ...tick }}
            />
          )}
          <Line
            dataKey="loading"
            stroke={chartInk.main}
            strokeWidth={2.6}
            dot={false}
            connectNulls
            isAnimationActive={false}
          />
          <Line
            dataKey="beyond"
            stroke={chartInk.main}
            strokeWidth={1.6}
            strokeDasharray="2 5"
            dot={false}
            connectNulls
            isAnimationActive={false}
          />
          <Line
            dataKey="returning"
            stroke={chartInk.second}
            strokeWidth={2}
            strokeDasharray="9 4"
            dot={false}
            connectNulls
            isAnimationActive={false}
          />
          <Line
            dataKey="compare"
            stroke={chartInk.text}
            strokeWidth={1.6}
            strokeDasharray="1 3"
            dot={false}
            connectNulls
            isAnimationActive={false}
          />
          <Scatter data={readings} dataKey="reading" fill={chartInk.main} isAnimationActive={false} />
        </ComposedChart>
      </ResponsiveContainer>
      <LineKey lines={keyOf(returning !== null, compare !== null)} />
    </div>
  );
}

function rowsOf(loading: TensionCurve, returning: TensionCurve | null, compare: TensionCurve | null): ChartRow[] {
  const tested = testedTo(loading);
  const inside = sampleCurve(loading, tested, SAMPLES).map(
    ({ strain, tensionNPerM }): ChartRow => ({ strain: strain * 100, loading: tensionNPerM }),
  );
  const outside = sampleCurve(loading, tested * (1 + BEYOND), SAMPLES)
    .filter(({ beyondTest }) => beyondTest)
    .map(({ strain, tensionNPerM }): ChartRow => ({ strain: strain * 100, beyond: tensionNPerM }));
  const back = returning ? sampleCurve(returning, testedTo(returning), SAMPLES) : [];
  const other = compare ? sampleCurve(compare, tested, SAMPLES) : [];
  return [
    ...inside,
    ...outside,
    ...back.map(({ strain, tensionNPerM }): ChartRow => ({ strain: strain * 100, returning: tensionNPerM })),
    ...other.map(({ strain, tensionNPerM }): ChartRow => ({ strain: strain * 100, compare: tensionNPerM })),
  ].toSorted((a, b) => a.strain - b.strain);
}

const whole = (value: number): string => String(Math.round(value));

/** What each line is. */
function keyOf(withReturn: boolean, withCompare: boolean): KeyLine[] {
  return [
    { dash: "", words: "loading", ink: chartInk.main },
    { dash: "2 5", words: "beyond the test", ink: chartInk.main },
    ...(withReturn ? [{ dash: "9 4", words: "on the way back (wear)", ink: chartInk.second }] : []),
    ...(withCompare ? [{ dash: "1 3", words: "the stand-in's true curve", ink: chartInk.text }] : []),
  ];
}
