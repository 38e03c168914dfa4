import { ComposedChart, Line, ReferenceArea, ReferenceLine, ResponsiveContainer, Scatter } from "recharts";
import { sampleCurve, type TensionCurve, tensionAt, testedTo } from "../../core/cloth/index.ts";
import { FIRM_FROM_KPA, SNUG_FROM_KPA, STOP_OVER_KPA, tensionForPressure } from "../../core/ease/index.ts";
import { chartInk, tick } from "./chartStyle.ts";
import { LineKey } from "./LineKey.tsx";
import { NumberBox } from "./NumberBox.tsx";
import { StrainAxes, strainMargin } from "./StrainAxes.tsx";

/** Where one school lands on the curve. */
export interface Landing {
  /** The school's number, as over its column. */
  readonly mark: string;
  readonly name: string;
  readonly strain: number;
  readonly chosen: boolean;
}

interface SchoolChartProps {
  readonly wear: TensionCurve;
  readonly usable: number;
  readonly bodyMm: number;
  /** At leg and arm the firm band is already a stop. */
  readonly limb: boolean;
  readonly landings: readonly Landing[];
  readonly label: string;
}

const SAMPLES = 61;
const HEADROOM = 1.12;

/** The cloth's own curve in wear with the place of every school on it, over the pressure bands of this girth. */
export function SchoolChart({ wear, usable, bodyMm, limb, landings, label }: SchoolChartProps) {
  const furthest = Math.max(usable, ...landings.map(({ strain }) => strain)) * HEADROOM;
  const top = tensionAt(wear, furthest).tensionNPerM * HEADROOM;
  const rows = sampleCurve(wear, furthest, SAMPLES).map(({ strain, tensionNPerM, beyondTest }) => ({
    strain: strain * 100,
    ...(beyondTest ? { beyond: tensionNPerM } : { wear: tensionNPerM }),
  }));
  const bands = bandsUpTo(top, bodyMm, limb);
  return (
    <div role="img" aria-label={label}>
      <ResponsiveContainer width="100%" height={300}>
        <ComposedChart margin={strainMargin} data={rows} accessibilityLayer={false}>
          <StrainAxes upright="tension, N/m" />
          {bands.map(({ word, fromNPerM, toNPerM, hatch }) => (
            <ReferenceArea
              key={word}
              y1={fromNPerM}
              y2={toNPerM}
              fill={chartInk.second}
              fillOpacity={hatch}
              stroke={chartInk.second}
              strokeDasharray="2 4"
              strokeOpacity={0.5}
              label={{ value: word, position: "insideTopLeft", ...tick }}
            />
          ))}
          <ReferenceLine
            x={usable * 100}
            stroke={chartInk.text}
            strokeDasharray="3 3"
            label={{ value: "usable", position: "insideTopRight", ...tick }}
          />
          <Line dataKey="wear" stroke={chartInk.main} strokeWidth={2.6} dot={false} isAnimationActive={false} />
          <Line
            dataKey="beyond"
            stroke={chartInk.main}
            strokeWidth={1.6}
            strokeDasharray="2 5"
            dot={false}
            isAnimationActive={false}
          />
          <Scatter
            data={flagged(landings, wear)}
            dataKey="flag"
            shape={Flag as never}
            isAnimationActive={false}
            legendType="none"
          />
        </ComposedChart>
      </ResponsiveContainer>
      <LineKey
        lines={[
          { words: "tension in wear", dash: "", ink: chartInk.main },
          ...(furthest > testedTo(wear) ? [{ words: "beyond the test", dash: "2 5", ink: chartInk.main }] : []),
        ]}
      />
    </div>
  );
}

/** Bands that the chart reaches, each named at its lower edge and the darker the harder. */
function bandsUpTo(top: number, bodyMm: number, limb: boolean) {
  const edges = [
    { word: "snug", from: SNUG_FROM_KPA, hatch: 0.06 },
    { word: limb ? "stop" : "firm", from: FIRM_FROM_KPA, hatch: limb ? 0.24 : 0.14 },
    ...(limb ? [] : [{ word: "stop", from: STOP_OVER_KPA, hatch: 0.24 }]),
  ].map((edge) => ({ ...edge, fromNPerM: tensionForPressure(edge.from, bodyMm) }));
  return edges
    .map((edge, index) => ({ ...edge, toNPerM: Math.min(top, edges[index + 1]?.fromNPerM ?? top) }))
    .filter(({ fromNPerM, toNPerM }) => fromNPerM < toNPerM);
}

interface Flagged extends Landing {
  readonly flag: number;
  /** How many flags stand lower at nearly the same place. */
  readonly step: number;
}

/** Flags at nearly the same strain stand on staffs of different length, so that each can be read. */
function flagged(landings: readonly Landing[], wear: TensionCurve): (Flagged & { strain: number })[] {
  const placed: (Flagged & { strain: number })[] = [];
  for (const landing of landings.toSorted((a, b) => a.strain - b.strain)) {
    const strain = Math.max(0, landing.strain) * 100;
    const near = placed.filter((other) => Math.abs(other.strain - strain) < 4).map(({ step }) => step);
    const step = [0, 1, 2, 3, 4].find((free) => !near.includes(free)) ?? 0;
    placed.push({ ...landing, strain, flag: tensionAt(wear, landing.strain).tensionNPerM, step });
  }
  return placed;
}

const STAFF = 22;
const STEP = 20;

/** One school's flag: its number in a box on a staff; the chosen one is filled. */
function Flag({ cx = 0, cy = 0, payload }: { cx?: number; cy?: number; payload: Flagged }) {
  const top = Math.max(14, cy - STAFF - payload.step * STEP);
  return (
    <g>
      <path d={`M ${cx} ${cy} V ${top}`} stroke={chartInk.text} strokeWidth={1.2} />
      <circle cx={cx} cy={cy} r={3.6} fill={chartInk.main} />
      <NumberBox x={cx} y={top} chosen={payload.chosen}>
        {payload.mark}
      </NumberBox>
    </g>
  );
}
