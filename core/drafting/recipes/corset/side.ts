import {
  CORSET_LEVELS,
  type CorsetLevel,
  heightCode,
  mostTurn,
  type Panels,
  panelWidths,
  type SeamWeightsId,
} from "../../../corset/index.ts";
import { fail, ok, type Result } from "../../../result.ts";
import type { Given } from "../facts.ts";
import { SHARE_IDS, WEIGHT_IDS } from "./options.ts";

/** A level of a side, and what lies above its first where the upper edge is higher. */
export type SideLevelId = CorsetLevel | "upperEdge";

/** One side of a boned garment: its panels at every level, and how far the levels lie apart at each seam. */
export interface CorsetSide {
  /** From the top down. */
  readonly levels: readonly SideLevelId[];
  readonly shares: readonly number[];
  readonly base: CorsetLevel;
  readonly sideSeam: number;
  readonly panels: Panels<SideLevelId>;
  /** Pattern girths, mm. */
  readonly girthsMm: Readonly<Record<SideLevelId, number>>;
  /** Seam by seam from the centre front (0) to the centre back: from each level down to the next, mm. */
  readonly downsMm: readonly (readonly number[])[];
}

/** What of a closed girth the panels do not come to: the gap, less what is added back for the layers, mm. */
export const uncovered = (given: Given): number => given.number("gap") - given.number("added");

/** The straightest of the levels a garment has, the first that it has. */
const USUAL_BASES: readonly CorsetLevel[] = ["underbust", "midRib", "waist"];

/** Taken off each side of an upper edge that carries no sleeve, and of one that does, mm. */
const DRAWN_IN_MM: Readonly<Record<string, number>> = { plain: 0, noSleeve: 10, sleeve: 5 };

/**
 * Shares a side out and lays its levels at every seam.
 * @returns it; `no-base`, `missing-height`, `shares-of-all`; or what `panelWidths` finds wrong.
 */
export function corsetSide(given: Given): Result<CorsetSide> {
  const covered = CORSET_LEVELS.filter((level) => given.hasGirth(level));
  const asked = given.choice("base");
  const base = covered.find((level) => (asked === "usual" ? USUAL_BASES.includes(level) : level === asked));
  if (!base)
    return fail("no-base", `Expected the straightest level to be one of ${covered.join(", ")}, but got ${asked}.`);
  const [count, sideSeam] = [given.number("panels"), given.number("side_seam")];
  const shares = sharesOf(given, count);
  if (!shares.ok) return shares;
  const heights = heightsOf(given, covered);
  if (!heights.ok) return heights;
  const above = abovesOf(given);
  const raised = above.some((mm) => mm > 0);
  if (raised && above.some((mm) => mm < LEAST_ABOVE_MM))
    return fail(
      "edge-at-its-level",
      `Expected the upper edge to lie at least ${LEAST_ABOVE_MM} mm above its level at front, side and back, or nowhere above it, but it is ${above.join(", ")} mm.`,
    );
  const girths = new Map<SideLevelId, number>(covered.map((level) => [level, given.girth(level) - uncovered(given)]));
  const [top] = covered;
  const levels: SideLevelId[] = raised ? ["upperEdge", ...covered] : covered;
  if (raised && top)
    girths.set("upperEdge", (girths.get(top) ?? 0) - 2 * (DRAWN_IN_MM[given.choice("upper_edge")] ?? 0));
  const girthsMm = Object.fromEntries(levels.map((level) => [level, girths.get(level) ?? 0])) as Record<
    SideLevelId,
    number
  >;
  const none = levels.find((level) => !(girthsMm[level] > 0));
  if (none) return fail("no-width-left", `Expected panels at the ${none}, but the gap takes all of the girth.`);
  const weights = given.choice("weights") as SeamWeightsId;
  const own = WEIGHT_IDS.slice(0, count - 1).map((id) => given.number(id));
  const panels = panelWidths<SideLevelId>({ shares: shares.value, girthsMm, base, weights, sideSeam, own });
  if (!panels.ok) return panels;
  const steps = raised ? [above, ...heights.value] : heights.value;
  return ok({
    ...{ levels, base, sideSeam, girthsMm, shares: shares.value, panels: panels.value },
    downsMm: Array.from({ length: count + 1 }, (_, seam) => steps.map((step) => atSeam(step, seam, sideSeam, count))),
  });
}

/** A height at the front, the side and the back, mm. */
type Step = readonly [front: number, side: number, back: number];

const PLACES = ["front", "side", "back"] as const;

/** Between front and side, and side and back, by the number of the seam. */
function atSeam([front, side, back]: Step, seam: number, sideSeam: number, count: number): number {
  if (seam <= sideSeam) return front + ((side - front) * seam) / sideSeam;
  return side + ((back - side) * (seam - sideSeam)) / (count - sideSeam);
}

const abovesOf = (given: Given): Step => {
  const [front = 0, side = 0, back = 0] = PLACES.map((place) => given.number(`above_${place}`));
  return [front, side, back];
};

/** An edge that ends in its level at one place would have no way to go there, mm. */
const LEAST_ABOVE_MM = 5;

function sharesOf(given: Given, count: number): Result<readonly number[]> {
  const typed = SHARE_IDS.slice(0, count).map((id) => given.number(id));
  if (typed.every((share) => share === 0)) return ok(typed.map(() => 1 / count));
  const without = typed.indexOf(0);
  return without === -1
    ? ok(typed)
    : fail("shares-of-all", `Expected a share of every panel, or of none, but panel ${without + 1} has none.`);
}

function heightsOf(given: Given, covered: readonly CorsetLevel[]): Result<Step[]> {
  const steps: Step[] = [];
  for (const level of covered.slice(1)) {
    const read = PLACES.map((place) => {
      const code = heightCode(level, place);
      return code === null ? null : { code, mm: given.measure(code) };
    });
    const missing = read.find((one) => one?.mm === null);
    if (missing)
      return fail("missing-height", `Expected the measure ${missing.code}, the height down to the ${level}.`);
    const [front = 0, side = 0, back = 0] = read.map((one) => one?.mm ?? 0);
    steps.push([front, side, back]);
  }
  return ok(steps);
}

/** Which edge of a seam: of the panel before it, or of the one behind it. */
export type SeamEdge = "before" | "behind";

/** How far an edge of a seam lies outside its place at the base, from the top down, mm. */
export const outsOf = ({ levels, panels }: CorsetSide, seam: number, edge: SeamEdge): number[] =>
  levels.map((level) => {
    const row = panels[level];
    return edge === "before" ? (row[seam - 1]?.backMm ?? 0) : (row[seam]?.frontMm ?? 0);
  });

/** Where the levels lie along a seam, from the top, mm. */
export const downTo = (side: CorsetSide, seam: number): number[] => {
  const steps = [0, ...(side.downsMm[seam] ?? [])];
  return steps.map((_, at) => steps.slice(0, at + 1).reduce((sum, mm) => sum + mm, 0));
};

/** The most an edge of each seam turns, mm, from the front; of its two edges the one that turns more. */
export const turnsOf = (
  side: CorsetSide,
): { readonly seam: number; readonly edge: SeamEdge; readonly mm: number; readonly fromMm: number }[] =>
  side.shares.slice(1).map((_, at) => {
    const seam = at + 1;
    const downs = downTo(side, seam);
    const [before, behind] = (["before", "behind"] as const).map((edge) => ({
      ...{ seam, edge },
      ...mostTurn(outsOf(side, seam, edge).map((out, level) => [downs[level] ?? 0, out] as const)),
    }));
    return behind && before && behind.mm > before.mm
      ? behind
      : (before ?? { seam, edge: "before" as const, mm: 0, fromMm: 0 });
  });
