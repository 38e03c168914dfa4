import { monotoneCubic } from "../../cloth/index.ts";
import { fail, ok, type Result } from "../../result.ts";
import { type Curved, curved, lengthOfEdge, type Point, point } from "../geometry/index.ts";

/** A level at the side of a piece. */
export interface SideLevel {
  readonly level: string;
  /** What it is called in a sentence. */
  readonly name: string;
  /** How far below the level above it lies, along the side seam, mm; 0 for the first. */
  readonly downMm: number;
  /** Half width of the piece there, mm. */
  readonly halfMm: number;
}

/** A side seam through its levels. */
export interface SideCurve {
  /** From one level to the next. */
  readonly lines: readonly Curved[];
  /** Where each level lies, in the order of the levels. */
  readonly places: readonly Point[];
}

/** The side is as long as it was told to this, mm: two sides sewn together then agree far within a thread. */
const CLOSE_MM = 1e-3;

/** The length comes nearer by ten times and more with each step; a side that needs more has no such curve. */
const MOST_STEPS = 40;

/** Less than this of a level's distance left for going down, mm, and the seam would run across. */
const LEAST_DOWN_MM = 4;

/**
 * A smooth side seam through half widths, *as long from level to level as it was told*: front and back then match however
 * differently they widen. It never swings beyond its levels (a monotone cubic over the height).
 *
 * @param levels two or more from the top down.
 * @returns the curve from y = 0 down; or `side-too-short` where two levels differ by more in width than they lie apart.
 */
export function sideCurve(piece: string, levels: readonly SideLevel[]): Result<SideCurve> {
  const steps = levels.slice(1).map((level, at) => {
    const above = levels[at] ?? level;
    return { level, above, acrossMm: level.halfMm - above.halfMm };
  });
  let downs = steps.map(({ level, acrossMm }) => Math.sqrt(Math.max(0, level.downMm ** 2 - acrossMm ** 2)));
  for (let step = 0; step < MOST_STEPS; step += 1) {
    const tight = downs.findIndex((down) => !(down >= LEAST_DOWN_MM));
    if (tight !== -1) return tooShort(piece, steps[tight]);
    const drawn = through(levels, downs);
    const lengths = drawn.lines.map((line) => lengthOfEdge(line));
    if (lengths.every((mm, at) => Math.abs(mm - (steps[at]?.level.downMm ?? mm)) <= CLOSE_MM)) return ok(drawn);
    // What a curve is longer than its chord stays nearly the same while its height changes.
    downs = downs.map((down, at) =>
      Math.sqrt(Math.max(0, down ** 2 + (steps[at]?.level.downMm ?? 0) ** 2 - (lengths[at] ?? 0) ** 2)),
    );
  }
  return tooShort(piece, steps.toSorted((a, b) => Math.abs(b.acrossMm) - Math.abs(a.acrossMm))[0]);
}

function tooShort(
  piece: string,
  step: { readonly level: SideLevel; readonly above: SideLevel; readonly acrossMm: number } | undefined,
): Result<SideCurve> {
  const [level, above] = [step?.level, step?.above];
  return fail(
    "side-too-short",
    `Expected the ${level?.name} to lie well over ${Math.abs(step?.acrossMm ?? 0).toFixed(0)} mm below the ${above?.name}, since half the ${piece} is ${above?.halfMm.toFixed(0)} mm wide there and ${level?.halfMm.toFixed(0)} mm here, but it lies ${level?.downMm.toFixed(0)} mm below it: one of the two girths or the height between them does not fit.`,
  );
}

function through(levels: readonly SideLevel[], downs: readonly number[]): SideCurve {
  const heights = levels.map((_, at) => downs.slice(0, at).reduce((sum, down) => sum + down, 0));
  const places = levels.map(({ halfMm }, at) => point(halfMm, heights[at] ?? 0));
  const { slopes } = monotoneCubic(places.map(({ x, y }) => [y, x] as const));
  const lines = places.slice(1).map((to, at) => {
    const from = places[at] ?? to;
    const third = (to.y - from.y) / 3;
    return curved(
      from,
      point(from.x + third * (slopes[at] ?? 0), from.y + third),
      point(to.x - third * (slopes[at + 1] ?? 0), to.y - third),
      to,
    );
  });
  return { lines, places };
}
