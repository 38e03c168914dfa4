/** Most a cloth is believed to shrink: beyond it a digit is wrong. */
export const MOST_SHRINKAGE = 0.5;

/**
 * What to cut from unwashed cloth so that the wanted length is left after the first wash: `wanted / (1 − shrinkage)`.
 *
 * @param wantedMm length wanted after washing, mm.
 * @param shrinkage 0 to under 1.
 * @throws RangeError for a shrinkage of 1 or more, which leaves nothing.
 */
export function cutForShrinkage(wantedMm: number, shrinkage: number): number {
  if (!(shrinkage >= 0 && shrinkage < 1)) throw new RangeError("Expected a shrinkage of 0 to under 1.");
  return wantedMm / (1 - shrinkage);
}
