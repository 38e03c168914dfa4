import { placeAt } from "./along.ts";
import type { Edge } from "./edge.ts";
import { lengthOfEdge } from "./length.ts";
import { distance, type Point } from "./point.ts";

/** Steps an edge is looked at in before the nearest is closed in on: a curve of a piece turns no oftener. */
const STEPS = 24;

/** Thirds taken off either end: the rest is then a part in a hundred million of a step. */
const THIRDS = 48;

/** How far along edges the place of them lies that is nearest to another, mm; 0 where there are none. */
export function lengthNearest(lines: readonly Edge[], place: Point): number {
  let [along, nearest, found] = [0, Number.POSITIVE_INFINITY, 0];
  for (const edge of lines) {
    const t = parameterNearest(edge, place);
    const away = distance(placeAt(edge, t), place);
    if (away < nearest) [nearest, found] = [away, along + lengthOfEdge(edge, 0, t)];
    along += lengthOfEdge(edge);
  }
  return found;
}

function parameterNearest(edge: Edge, place: Point): number {
  const away = (t: number) => distance(placeAt(edge, t), place);
  const steps = Array.from({ length: STEPS + 1 }, (_, step) => step / STEPS);
  const best = steps.reduce((nearest, t) => (away(t) < away(nearest) ? t : nearest), 0);
  let [low, high] = [Math.max(0, best - 1 / STEPS), Math.min(1, best + 1 / STEPS)];
  for (let third = 0; third < THIRDS; third += 1) {
    const [a, b] = [low + (high - low) / 3, high - (high - low) / 3];
    if (away(a) < away(b)) high = b;
    else low = a;
  }
  return (low + high) / 2;
}
