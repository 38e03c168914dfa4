import type { Edge } from "./edge.ts";
import { type Point, unit, type Vector, way } from "./point.ts";
import { placeAlong } from "./walk.ts";

/** The direction of edges is read over this to either side, mm. */
const NEAR_MM = 1;

/**
 * A place along edges one after the other, with the way they go on there, as long as 1.
 * @returns null where there are no edges, or they have no length.
 */
export function standingAlong(
  lines: readonly Edge[],
  mm: number,
): { readonly at: Point; readonly along: Vector } | null {
  const [at, before, after] = [mm, Math.max(0, mm - NEAR_MM), mm + NEAR_MM].map((one) => placeAlong(lines, one));
  const along = before && after && unit(way(before, after));
  return at && along ? { at, along } : null;
}
