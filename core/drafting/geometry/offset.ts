import { curvatureAt, directionAt, placeAt, speedAt } from "./along.ts";
import { curved, type Edge, shifted } from "./edge.ts";
import { angleBetween, moved, square, times } from "./point.ts";
import { split } from "./split.ts";

/** An offset curve lies this part of the edge's size at most from where it should. */
export const OFFSET_TOLERANCE = 2e-3;

/** A curve is offset in so many parts; parts that bend more than the next figure are halved. */
const PARTS = 2;

/** A part turns by no more than this, radians: a cubic follows the line beside it closer than the tolerance then. */
const MOST_TURN = 0.5;

/** Parts are halved no oftener. */
const DEEPEST = 5;

/**
 * The line beside an edge at a distance, as edges one after the other: what an allowance adds. Each part goes through the
 * offset places of its ends in their directions, with the speed an offset has there: C + o·n moves by (1 − o·κ) of C.
 * The general offset of the library of curves takes thirty times as long, more than a piece may take to be drawn.
 *
 * @param mm to the right of the edge as it is gone along and seen with y down, below 0 to the left. More than its bend has
 *   room for turns the line over: a cusp, as drawn.
 * @returns no edge for one of no length.
 */
export function offsetOf(edge: Edge, mm: number): Edge[] {
  const direction = directionAt(edge, 0);
  if (!direction) return [];
  if (mm === 0) return [edge];
  if (edge.kind === "straight") return [shifted(edge, times(square(direction), mm))];
  return partsOf(edge, PARTS, 0).flatMap((part) => beside(part, mm) ?? []);
}

function partsOf(edge: Edge, count: number, depth: number): Edge[] {
  if (count > 1 || (turning(edge) > MOST_TURN && depth < DEEPEST))
    return split(edge, 0.5).flatMap((half) => partsOf(half, count / 2, depth + 1));
  return [edge];
}

/** By how much an edge turns, radians: over both of its halves, so that an S does not cancel out. */
function turning(edge: Edge): number {
  const [start, middle, end] = [directionAt(edge, 0), directionAt(edge, 0.5), directionAt(edge, 1)];
  return start && middle && end ? Math.abs(angleBetween(start, middle)) + Math.abs(angleBetween(middle, end)) : 0;
}

function beside(edge: Edge, mm: number): Edge[] | null {
  const end = (t: 0 | 1) => {
    const direction = directionAt(edge, t);
    if (!direction) return null;
    const handle = times(speedAt(edge, t), (1 - mm * curvatureAt(edge, t)) / 3);
    return { at: moved(placeAt(edge, t), square(direction), mm), handle };
  };
  const [from, to] = [end(0), end(1)];
  return from && to ? [curved(from.at, moved(from.at, from.handle), moved(to.at, to.handle, -1), to.at)] : null;
}
