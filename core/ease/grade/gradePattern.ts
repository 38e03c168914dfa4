import { ok, type Result } from "../../result.ts";
import type { Style } from "../styles/style.ts";
import type { Zone } from "../zones.ts";
import { type BustByOverbust, bustByOverbust } from "./bustByOverbust.ts";
import { type GradedZone, type Grading, gradeSizes } from "./gradeSizes.ts";
import {
  CHART_ZONES,
  type ChartSize,
  type ChartZone,
  type FinishedBasis,
  finishedOf,
  type SizeChart,
  withFinished,
} from "./sizeChart.ts";

/** A zone of a job with its body and its target girth, mm. */
export interface GradeTarget {
  readonly zone: Zone;
  readonly bodyMm: number;
  readonly targetMm: number;
}

/** A zone of a pattern with its size, and what stands in for the difference. */
export interface PatternZone extends GradedZone {
  readonly bodyMm: number;
  readonly targetMm: number;
  readonly freeName: string;
  readonly chosenName: string;
  /** Finished girth of the chosen size, mm; null where the chart does not let it be known. */
  readonly finishedMm: number | null;
  /** Where that girth comes from; null where it is not known. */
  readonly finishedBasis: FinishedBasis | null;
  /** Body the chosen size is drawn for, mm; null where the chart does not state it. */
  readonly chosenBodyMm: number | null;
  /** Ease of the chosen size, `F − B`, mm. */
  readonly easeMm: number | null;
  /** What is added (or, below 0, taken) at this zone so that it comes to the target, mm. */
  readonly adjustMm: number | null;
  /** Chosen by the overbust, its room given by the cup. */
  readonly byOverbust: boolean;
}

/** From one size line to another between two zones. */
export interface Blend {
  readonly seam: string;
  readonly from: { readonly zone: ChartZone; readonly size: string };
  readonly to: { readonly zone: ChartZone; readonly size: string };
}

/** Sizes of a graded pattern for one job. */
export interface PatternSizes {
  readonly zones: readonly PatternZone[];
  readonly cost: number;
  readonly blends: readonly Blend[];
  /** Null where the job or the chart has no bust and overbust. */
  readonly bustRule: BustByOverbust | null;
  /** Zones of the job that the chart does not have. */
  readonly notInChart: readonly Zone[];
}

/** Zones that every size of a chart states in one kind or the other. */
export const zonesOfChart = ({ sizes, ownReduction }: Pick<SizeChart, "sizes" | "ownReduction">): ChartZone[] =>
  CHART_ZONES.filter(
    (zone) =>
      sizes.every((size) => size.body[zone] !== undefined) ||
      sizes.every((size) => finishedOf(size, zone, ownReduction) !== null),
  );

/**
 * Chooses the sizes of a graded pattern for a job and says what stands in where they miss the target. Where the bust
 * stands further above the overbust than the chart's, the overbust rules the size of the bust. Problems as
 * {@link gradeSizes}.
 */
export function gradePattern(
  chart: SizeChart,
  targets: readonly GradeTarget[],
  { style, maxStep, bustOverChartMm }: { style: Style; maxStep: number; bustOverChartMm: number },
): Result<PatternSizes> {
  const inChart = zonesOfChart(chart);
  const zones = inChart.filter((zone) => targets.some((target) => target.zone === zone));
  const read = (what: "bodyMm" | "targetMm") =>
    Object.fromEntries(targets.map((target) => [target.zone, target[what]])) as Partial<Record<ChartZone, number>>;
  const [body, target] = [read("bodyMm"), read("targetMm")];
  const sizes = withFinished(chart);
  const first = gradeSizes({ zones, sizes, body, target, maxStep });
  if (!first.ok) return first;
  const bustRule = ruleOf(first.value, sizes, body, bustOverChartMm);
  const withoutBust = bustRule?.applies
    ? gradeSizes({ zones: zones.filter((zone) => zone !== "bust"), sizes, body, target, maxStep })
    : first;
  if (!withoutBust.ok) return withoutBust;
  const graded = bustRule?.applies ? putBustBack(first.value, withoutBust.value) : first.value;
  return ok({
    zones: graded.zones.map((zone) =>
      patternZone(zone, { chart, sizes, body, target, byBust: bustRule?.applies ?? false }),
    ),
    cost: graded.cost,
    blends: blendsOf(graded, sizes, style),
    bustRule,
    notInChart: targets.map(({ zone }) => zone).filter((zone) => !(inChart as readonly Zone[]).includes(zone)),
  });
}

function ruleOf(
  grading: Grading,
  sizes: readonly ChartSize[],
  { bust, overbust }: Readonly<Partial<Record<ChartZone, number>>>,
  overMm: number,
): BustByOverbust | null {
  const size = sizes[grading.zones.find(({ zone }) => zone === "overbust")?.free ?? -1];
  if (!size || bust === undefined || overbust === undefined) return null;
  return bustByOverbust({ bustMm: bust, overbustMm: overbust }, size, overMm);
}

/** The bust takes the overbust's size; its cost no longer counts, since the cup gives the room. */
function putBustBack(first: Grading, withoutBust: Grading): Grading {
  const overbust = withoutBust.zones.find(({ zone }) => zone === "overbust");
  const zones = first.zones.map((zone) =>
    zone.zone === "bust" && overbust
      ? { ...zone, chosen: overbust.chosen }
      : (withoutBust.zones.find((other) => other.zone === zone.zone) ?? zone),
  );
  return { zones, cost: withoutBust.cost };
}

interface PatternInput {
  readonly chart: SizeChart;
  /** Its sizes with every finished girth that can be known. */
  readonly sizes: readonly ChartSize[];
  readonly body: Readonly<Partial<Record<ChartZone, number>>>;
  readonly target: Readonly<Partial<Record<ChartZone, number>>>;
  /** The bust is sized by the overbust. */
  readonly byBust: boolean;
}

function patternZone(graded: GradedZone, { chart, sizes, body, target, byBust }: PatternInput): PatternZone {
  const { zone } = graded;
  const [bodyMm, targetMm] = [body[zone] as number, target[zone] as number];
  const finishedMm = sizes[graded.chosen]?.finished[zone] ?? null;
  return {
    ...graded,
    bodyMm,
    targetMm,
    freeName: sizes[graded.free]?.name ?? "",
    chosenName: sizes[graded.chosen]?.name ?? "",
    finishedMm,
    finishedBasis: chart.sizes[graded.chosen]
      ? (finishedOf(chart.sizes[graded.chosen] as ChartSize, zone, chart.ownReduction)?.basis ?? null)
      : null,
    chosenBodyMm: sizes[graded.chosen]?.body[zone] ?? null,
    easeMm: finishedMm === null ? null : finishedMm - bodyMm,
    adjustMm: finishedMm === null ? null : targetMm - finishedMm,
    byOverbust: byBust && zone === "bust",
  };
}

function blendsOf({ zones }: Grading, sizes: readonly ChartSize[], { seamsTakingChange }: Style): Blend[] {
  return zones.slice(1).flatMap((lower, index): Blend[] => {
    const upper = zones[index] as GradedZone;
    if (upper.chosen === lower.chosen) return [];
    const end = ({ zone, chosen }: GradedZone) => ({ zone, size: sizes[chosen]?.name ?? "" });
    return [{ seam: seamsTakingChange[lower.zone]?.name ?? "side seams", from: end(upper), to: end(lower) }];
  });
}
