import { fail, ok, type Result } from "../../result.ts";

/** A girth with its height below the waist, mm. */
export interface LevelGirth {
  readonly belowWaistMm: number;
  readonly girthMm: number;
}

/**
 * The girth at a height, by straight lines between the levels that are known.
 *
 * @param levels at least two, by rising depth below the waist.
 * @returns the girth, or `height-outside` where the height is above the first level or below the last: nothing is
 *   known of the body there.
 */
export function girthAtHeight(levels: readonly LevelGirth[], belowWaistMm: number): Result<number> {
  const next = levels.findIndex((level) => level.belowWaistMm >= belowWaistMm);
  const [above, below] = [levels[next - 1], levels[next]];
  if (below && below.belowWaistMm === belowWaistMm) return ok(below.girthMm);
  if (!above || !below) {
    const [first, last] = [levels[0]?.belowWaistMm ?? 0, levels.at(-1)?.belowWaistMm ?? 0];
    return fail(
      "height-outside",
      `Expected a top edge ${Math.round(first)} to ${Math.round(last)} mm below the waist, where the girths are known, but it is at ${Math.round(belowWaistMm)} mm.`,
    );
  }
  const part = (belowWaistMm - above.belowWaistMm) / (below.belowWaistMm - above.belowWaistMm);
  return ok(above.girthMm + part * (below.girthMm - above.girthMm));
}
