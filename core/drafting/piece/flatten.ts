import { type Edge, lengthOf, type Point, placeAt, placesOf, sizeOf, way } from "../geometry/index.ts";

/** Places along edges never lie further from the curve between them than this part of its size. */
export const FLAT_TOLERANCE = 1e-3;

/** However it bends, a curve is looked at in no more places than these. */
const MOST = 256;

/**
 * Places along an edge, its start and not its end, close enough that the straight lines between them stay by the curve:
 * for what is asked of outlines in bulk (crossings, boxes), and for files that know no curves. Nothing that is printed goes
 * through it.
 *
 * @param tolerance how far the lines may lie off the curve, as a part of its size.
 */
export function placesAlong(edge: Edge, tolerance = FLAT_TOLERANCE): Point[] {
  if (edge.kind === "straight") return [edge.from];
  const steps = stepsOf(edge, tolerance);
  return Array.from({ length: steps }, (_, step) => placeAt(edge, step / steps));
}

/** A cubic lies off its chords by at most an eighth of its largest second derivative over the steps squared. */
function stepsOf(edge: Edge, tolerance: number): number {
  const [a, b, c, d] = placesOf(edge) as [Point, Point, Point, Point];
  const bend = 6 * Math.max(lengthOf(way(way(a, b), way(b, c))), lengthOf(way(way(b, c), way(c, d))));
  const size = sizeOf(edge);
  return size === 0 ? 1 : Math.min(MOST, Math.max(1, Math.ceil(Math.sqrt(bend / (8 * tolerance * size)))));
}
