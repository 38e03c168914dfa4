/** Values made non-decreasing, and how far the furthest of them was moved. */
export interface Pooled {
  readonly values: readonly number[];
  /** Largest distance between a value and what it was pooled to, in the values' unit. */
  readonly largestMove: number;
}

/**
 * Makes a sequence non-decreasing by moving it as little as possible in the sense of least squares: pool adjacent
 * violators with equal weights. Each run that falls is replaced by its mean.
 *
 * @param values finite numbers; an empty list stays empty.
 * @source Barlow, Bartholomew, Bremner and Brunk, Statistical Inference under Order Restrictions, 1972.
 */
export function poolAdjacentViolators(values: readonly number[]): Pooled {
  const blocks: { sum: number; count: number }[] = [];
  for (const value of values) {
    blocks.push({ sum: value, count: 1 });
    mergeWhileFalling(blocks);
  }
  const pooled = blocks.flatMap(({ sum, count }) => new Array<number>(count).fill(sum / count));
  const moves = pooled.map((value, index) => Math.abs(value - (values[index] as number)));
  return { values: pooled, largestMove: Math.max(0, ...moves) };
}

function mergeWhileFalling(blocks: { sum: number; count: number }[]): void {
  for (;;) {
    const last = blocks.at(-1);
    const before = blocks.at(-2);
    if (!last || !before || before.sum / before.count <= last.sum / last.count) return;
    blocks.splice(-2, 2, { sum: before.sum + last.sum, count: before.count + last.count });
  }
}
