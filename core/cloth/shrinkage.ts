/** Most a cloth is believed to shrink: beyond it a digit is wrong. */
export const MOST_SHRINKAGE = 0.5;

/**
 * Shrinkage of a washed square in one direction: `1 − after / before`, lengths in mm and above 0. A square that grew
 * (below 0) did not shrink.
 */
export const shrinkageOf = (beforeMm: number, afterMm: number): number => Math.max(0, 1 - afterMm / beforeMm);

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
