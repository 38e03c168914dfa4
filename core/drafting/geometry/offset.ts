import type { Bezier } from "bezier-js";
import { directionAt } from "./along.ts";
import { bezierOf } from "./bezier.ts";
import { curved, type Edge, shifted, sizeOf } from "./edge.ts";
import { square, times } from "./point.ts";

/** An offset curve lies this part of the edge's size at most from where it should. */
export const OFFSET_TOLERANCE = 2e-3;

/**
 * The line beside an edge at a distance, as edges one after the other: what an allowance adds.
 *
 * @param mm to the right of the edge as it is gone along and seen with y down, below 0 to the left.
 * @returns no edge for one of no length.
 */
export function offsetOf(edge: Edge, mm: number): Edge[] {
  const direction = directionAt(edge, 0);
  if (!direction) return [];
  if (mm === 0) return [edge];
  if (edge.kind === "straight") {
    return [shifted(edge, times(square(direction), mm))];
  }
  const size = sizeOf(edge);
  const parts = bezierOf(edge, size).offset(mm / size) as unknown as Bezier[];
  return parts.map(({ points }) => {
    const [a, b, c, d] = points.map((place) => times(place, size));
    if (!a || !b || !c || !d) throw new RangeError("An offset of a cubic is made of cubics.");
    return curved(a, b, c, d);
  });
}
