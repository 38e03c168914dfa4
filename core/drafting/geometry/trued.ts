import { directionAt } from "./along.ts";
import type { Edge } from "./edge.ts";
import { smoothCurve } from "./join.ts";
import { lengthOfEdges } from "./length.ts";
import { partAlong } from "./run.ts";

/** A curve between two trued ends is as plain as it can be. */
const PLAIN_BETWEEN = { leaving: 1 / 3, arriving: 1 / 3 };

/**
 * Two runs of edges joined by a smooth curve in place of what lies nearest to where they meet, whether they touch there or not.
 * @param overMm so much of the end of the first, and of the start of the second, is drawn anew; no more than half of either.
 */
export function trued(before: readonly Edge[], after: readonly Edge[], overMm: number): Edge[] {
  const [first, second] = [lengthOfEdges(before), lengthOfEdges(after)];
  const start = partAlong(before, 0, first - Math.min(overMm, first / 2));
  const end = partAlong(after, Math.min(overMm, second / 2), second);
  const [from, to] = [start.at(-1), end[0]];
  const [leaving, arriving] = [from && directionAt(from, 1), to && directionAt(to, 0)];
  if (!from || !to || !leaving || !arriving) return [...before, ...after];
  return [
    ...start,
    smoothCurve({ at: from.to, toward: leaving }, { at: to.from, toward: arriving }, PLAIN_BETWEEN),
    ...end,
  ];
}
