import { ComposedChart, Line, ReferenceLine, ResponsiveContainer, Scatter } from "recharts";
import { type LadderResult, sampleCurve, type TensionCurve, testedTo } from "../../core/cloth/index.ts";
import { chartInk, tick } from "./chartStyle.ts";
import { type KeyLine, LineKey } from "./LineKey.tsx";
import { StrainAxes, strainMargin } from "./StrainAxes.tsx";

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
  const lines = linesOf(returning !== null, compare !== null);
  const readings = loading.cubic.points
    .slice(1)
    .map(([strain, tension]) => ({ strain: strain * 100, reading: tension }));
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={300}>
        <ComposedChart margin={strainMargin} data={rows} accessibilityLayer={false}>
          <StrainAxes upright="tension, N/m" />
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
          {lines.map(({ key, ink, dash, width }) => (
            <Line
              key={key}
              dataKey={key}
              stroke={ink}
              strokeWidth={width}
              strokeDasharray={dash}
              dot={false}
              connectNulls
              isAnimationActive={false}
            />
          ))}
          <Scatter data={readings} dataKey="reading" fill={chartInk.main} isAnimationActive={false} />
        </ComposedChart>
      </ResponsiveContainer>
      <LineKey lines={lines} />
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

/** A line of the chart: what it shows, and how it is told apart. */
interface CurveLine extends KeyLine {
  readonly key: Exclude<keyof ChartRow, "strain">;
  readonly width: number;
}

function linesOf(withReturn: boolean, withCompare: boolean): CurveLine[] {
  return [
    { key: "loading", dash: "", words: "loading", ink: chartInk.main, width: 2.6 },
    { key: "beyond", dash: "2 5", words: "beyond the test", ink: chartInk.main, width: 1.6 },
    ...(withReturn
      ? [{ key: "returning", dash: "9 4", words: "on the way back (wear)", ink: chartInk.second, width: 2 } as const]
      : []),
    ...(withCompare
      ? [{ key: "compare", dash: "1 3", words: "the stand-in's true curve", ink: chartInk.text, width: 1.6 } as const]
      : []),
  ];
}
