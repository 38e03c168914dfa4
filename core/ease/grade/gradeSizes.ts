import { fail, ok, type Result } from "../../result.ts";
import { CHART_ZONES, type ChartKind, type ChartSize, type ChartZone } from "./sizeChart.ts";

/** Too small counts this many times as much as too large: cloth that is not there cannot be let out. */
export const TOO_SMALL_COUNTS = 2;

/** Costs that differ by less than this part of the larger are equal: they are sums of measured millimetres. */
const EQUAL_WITHIN = 1e-12;

/** What sizes are chosen from. */
export interface GradeInput {
  readonly zones: readonly ChartZone[];
  /** One or more, from the smallest to the largest; finished girths filled in where they are known. */
  readonly sizes: readonly ChartSize[];
  /** Snug body girths B, mm. */
  readonly body: Readonly<Partial<Record<ChartZone, number>>>;
  /** Garment girths G of the chosen school, mm. */
  readonly target: Readonly<Partial<Record<ChartZone, number>>>;
  /** Sizes by which neighbouring zones may differ, 0 or more. */
  readonly maxStep: number;
}

/** A zone with its sizes, by index. */
export interface GradedZone {
  readonly zone: ChartZone;
  /** Cost of every size, mm. */
  readonly costs: readonly number[];
  /** Whether finished girths were held against the target, or chart bodies against the body. */
  readonly against: ChartKind;
  /** Size of least cost. */
  readonly free: number;
  /** Size that keeps to the step. */
  readonly chosen: number;
}

/** Sizes by zone, in body order. */
export interface Grading {
  readonly zones: readonly GradedZone[];
  /** Cost of the chosen sizes together, mm. */
  readonly cost: number;
}

/**
 * Chooses a size for each zone: the set of least total cost whose neighbours differ by at most the step; of equal ones
 * the larger sizes, from the top down. Found by dynamic programming over the zones.
 *
 * Problems: `no-size`, `no-zone`, `zone-without-body` where the body or the target of a zone is missing,
 * `chart-has-no-zone` where a size states neither girth of it.
 */
export function gradeSizes({ zones, sizes, body, target, maxStep }: GradeInput): Result<Grading> {
  if (sizes.length === 0) return fail("no-size", "Expected at least one size, but the chart has none.");
  const inOrder = CHART_ZONES.filter((zone) => zones.includes(zone));
  if (inOrder.length === 0) return fail("no-zone", "Expected at least one zone that the chart has, but there is none.");
  const costed: { zone: ChartZone; costs: number[]; against: ChartKind }[] = [];
  for (const zone of inOrder) {
    const [bodyMm, targetMm] = [body[zone], target[zone]];
    if (bodyMm === undefined || targetMm === undefined)
      return fail("zone-without-body", `Expected a body and a garment girth at the zone ${zone}, but one is missing.`);
    const costs = costsOf(zone, sizes, bodyMm, targetMm);
    if (!costs.ok) return costs;
    costed.push({ zone, ...costs.value });
  }
  const chosen = cheapestWithinStep(
    costed.map(({ costs }) => costs),
    maxStep,
  );
  const graded = costed.map((zone, index): GradedZone => {
    const free = leastOf(zone.costs);
    return { ...zone, free, chosen: chosen[index] as number };
  });
  return ok({ zones: graded, cost: graded.reduce((sum, zone) => sum + (zone.costs[zone.chosen] as number), 0) });
}

function costsOf(zone: ChartZone, sizes: readonly ChartSize[], bodyMm: number, targetMm: number) {
  const finished = sizes.map((size) => size.finished[zone]);
  if (finished.every((mm) => mm !== undefined))
    return ok({ against: "finished" as const, costs: finished.map((mm) => costOf(mm, targetMm)) });
  const drawnFor = sizes.map((size) => size.body[zone]);
  if (drawnFor.every((mm) => mm !== undefined))
    return ok({ against: "body" as const, costs: drawnFor.map((mm) => costOf(mm, bodyMm)) });
  return fail("chart-has-no-zone", `Expected every size to state the ${zone}, finished or body, but one does not.`);
}

/** What a girth costs against the wanted one, mm: the excess, or twice the lack. */
export const costOf = (isMm: number, wantedMm: number): number =>
  isMm >= wantedMm ? isMm - wantedMm : TOO_SMALL_COUNTS * (wantedMm - isMm);

const isLess = (a: number, b: number): boolean => a < b - EQUAL_WITHIN * Math.max(Math.abs(a), Math.abs(b));

/** Index of the least cost; of equal ones the last, which is the larger size. */
const leastOf = (costs: readonly number[]): number =>
  costs.reduce((best, cost, at) => (isLess(costs[best] as number, cost) ? best : at), 0);

/** The cheapest path through the zones: one size each, neighbours no further apart than the step. */
function cheapestWithinStep(costs: readonly (readonly number[])[], maxStep: number): number[] {
  const sizes = costs[0]?.length ?? 0;
  // From the last zone up: rest[z][s] is the least cost of zone z at size s and all zones below it.
  const rest: number[][] = costs.map(() => new Array<number>(sizes).fill(0));
  const next: number[][] = costs.map(() => new Array<number>(sizes).fill(0));
  for (let zone = costs.length - 1; zone >= 0; zone -= 1) {
    const below = rest[zone + 1];
    for (let size = 0; size < sizes; size += 1) {
      const own = costs[zone]?.[size] as number;
      if (!below) {
        (rest[zone] as number[])[size] = own;
        continue;
      }
      const to = cheapestNear(below, size, maxStep);
      (next[zone] as number[])[size] = to;
      (rest[zone] as number[])[size] = own + (below[to] as number);
    }
  }
  const chosen = [leastOf(rest[0] ?? [])];
  for (let zone = 1; zone < costs.length; zone += 1)
    chosen.push((next[zone - 1] as number[])[chosen[zone - 1] as number] as number);
  return chosen;
}

function cheapestNear(below: readonly number[], size: number, maxStep: number): number {
  const from = Math.max(0, size - maxStep);
  return from + leastOf(below.slice(from, size + maxStep + 1));
}
