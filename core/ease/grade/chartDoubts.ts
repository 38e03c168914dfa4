import { CHART_ZONES, type ChartZone, type SizeChart } from "./sizeChart.ts";

/** A finished girth within this part of the body has no ease to speak of: odd in a loose style. */
export const LOOSE_NEEDS_EASE = 0.05;

/** A reason to think that the columns of a chart are of the other kind than they are headed. */
export interface ChartDoubt {
  readonly id: "finished-larger-in-stretch" | "finished-is-body-in-loose" | "finished-smaller-in-loose";
  readonly zone: ChartZone;
  /** The size at which it shows most. */
  readonly size: string;
  readonly bodyMm: number;
  readonly finishedMm: number;
}

/** What each doubt says. */
export const DOUBT_WORDS: Readonly<Record<ChartDoubt["id"], string>> = {
  "finished-larger-in-stretch":
    "A pattern worn smaller than the body, yet every finished girth is larger than its body.",
  "finished-is-body-in-loose": "A loose pattern, yet every finished girth is within 5 % of its body.",
  "finished-smaller-in-loose": "A loose pattern, yet every finished girth is smaller than its body.",
};

/**
 * Zones whose two columns look as if they were of the other kind. In a stretch style finished smaller than body is
 * normal; in a loose style finished girths equal to the body are suspicious. Zones with one kind only cannot be told.
 */
export const chartDoubts = (chart: Pick<SizeChart, "sizes" | "ease">): ChartDoubt[] =>
  CHART_ZONES.flatMap((zone) => doubtOf(zone, chart));

function doubtOf(zone: ChartZone, { sizes, ease }: Pick<SizeChart, "sizes" | "ease">): ChartDoubt[] {
  const both = sizes.flatMap(({ name, body, finished }) => {
    const [bodyMm, finishedMm] = [body[zone], finished[zone]];
    return bodyMm === undefined || finishedMm === undefined ? [] : [{ size: name, bodyMm, finishedMm }];
  });
  const [first] = both;
  if (!first) return [];
  const every = (test: (bodyMm: number, finishedMm: number) => boolean) =>
    both.every(({ bodyMm, finishedMm }) => test(bodyMm, finishedMm));
  const doubt = (id: ChartDoubt["id"]): ChartDoubt[] => [{ id, zone, ...first }];
  if (ease === "stretch") return every((body, finished) => finished > body) ? doubt("finished-larger-in-stretch") : [];
  if (every((body, finished) => Math.abs(finished - body) <= LOOSE_NEEDS_EASE * body))
    return doubt("finished-is-body-in-loose");
  return every((body, finished) => finished < body) ? doubt("finished-smaller-in-loose") : [];
}

/** The chart with body and finished girths changed over. */
export const turnedOver = <Chart extends Pick<SizeChart, "sizes">>(chart: Chart): Chart => ({
  ...chart,
  sizes: chart.sizes.map(({ name, body, finished }) => ({ name, body: finished, finished: body })),
});
