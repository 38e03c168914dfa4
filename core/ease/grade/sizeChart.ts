import { ZONE_NAMES } from "../zones.ts";

/** Zones a size chart can have, in body order; neighbours in this order may differ by a step only. */
export const CHART_ZONES = ["overbust", "bust", "underbust", "waist", "highHip", "hip"] as const;

/** One of {@link CHART_ZONES}. */
export type ChartZone = (typeof CHART_ZONES)[number];

/** What a size chart can state: girths by zone, and the loop of the trunk, by which no size is chosen. */
export const CHART_MEASURES = [...CHART_ZONES, "trunkLoop"] as const;

/** One of {@link CHART_MEASURES}. */
export type ChartMeasure = (typeof CHART_MEASURES)[number];

/** Plain words for what a chart can state. */
export const CHART_MEASURE_NAMES: Readonly<Record<ChartMeasure, string>> = { ...ZONE_NAMES, trunkLoop: "Trunk loop" };

/** The two kinds of numbers in a chart, which are never mixed up: every column is headed by its kind. */
export type ChartKind = "body" | "finished";

/** One size of a chart, mm. What a chart does not state is left out. */
export interface ChartSize {
  readonly name: string;
  /** Body the size is drawn for. */
  readonly body: Readonly<Partial<Record<ChartMeasure, number>>>;
  /** Garment as finished, all round. */
  readonly finished: Readonly<Partial<Record<ChartMeasure, number>>>;
}

/** What a pattern is drawn for: worn smaller than the body, or with ease. */
export type ChartEase = "stretch" | "loose";

/** The size chart of a graded pattern. */
export interface SizeChart {
  readonly id: number;
  readonly name: string;
  readonly notes: string;
  readonly ease: ChartEase;
  /** How much smaller than its body the pattern is drawn, ratio, as its maker states; null where not known. */
  readonly ownReduction: number | null;
  /** From the smallest size to the largest. */
  readonly sizes: readonly ChartSize[];
  readonly version: number;
}

/** True for a text that names something a chart can state. */
export const isChartMeasure = (text: string): text is ChartMeasure =>
  (CHART_MEASURES as readonly string[]).includes(text);

/** Where a finished girth comes from. */
export type FinishedBasis = "stated" | "ownReduction";

/** The finished girth of a size in a zone: as stated, else the body less the pattern's own reduction; null if unknown. */
export function finishedOf(
  { body, finished }: ChartSize,
  zone: ChartZone,
  ownReduction: number | null,
): { readonly mm: number; readonly basis: FinishedBasis } | null {
  const stated = finished[zone];
  if (stated !== undefined) return { mm: stated, basis: "stated" };
  const drawnFor = body[zone];
  return drawnFor === undefined || ownReduction === null
    ? null
    : { mm: drawnFor * (1 - ownReduction), basis: "ownReduction" };
}

/** The sizes with every finished girth filled in that can be known. */
export const withFinished = ({ sizes, ownReduction }: Pick<SizeChart, "sizes" | "ownReduction">): ChartSize[] =>
  sizes.map((size) => ({
    ...size,
    finished: Object.fromEntries(
      CHART_ZONES.flatMap((zone) => {
        const found = finishedOf(size, zone, ownReduction);
        return found ? [[zone, found.mm]] : [];
      }),
    ),
  }));
