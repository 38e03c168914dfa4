import { placeAt } from "./along.ts";
import type { Edge } from "./edge.ts";
import { lengthOfEdge, lengthOfEdges, parameterAt } from "./length.ts";
import type { Point } from "./point.ts";

/** A place on a seam, mm from its start. */
export interface Station {
  readonly mm: number;
  readonly at: Point;
}

/**
 * The place at which edges one after the other have gone a length.
 * @returns null where there are no edges.
 */
export function placeAlong(edges: readonly Edge[], mm: number): Point | null {
  let left = mm;
  for (const edge of edges) {
    const length = lengthOfEdge(edge);
    if (left <= length || edge === edges.at(-1)) return placeAt(edge, parameterAt(edge, left));
    left -= length;
  }
  return null;
}

/** Two seams walked along one another, as at the table: how they compare in length, and which places meet. */
export interface Walk {
  readonly firstMm: number;
  readonly secondMm: number;
  /** Second less first: what is to be eased in, or stretched. */
  readonly differenceMm: number;
  /** Places that meet, station by station over the shorter of the two. */
  readonly stations: readonly { readonly mm: number; readonly onFirst: Point; readonly onSecond: Point }[];
}

/**
 * Walks two seams along one another from their starts.
 * @param steps equal lengths the shorter one is divided into, 1 or more.
 */
export function walkAlong(first: readonly Edge[], second: readonly Edge[], steps: number): Walk {
  const [firstMm, secondMm] = [lengthOfEdges(first), lengthOfEdges(second)];
  const shorter = Math.min(firstMm, secondMm);
  const stations = Array.from({ length: steps + 1 }, (_, step) => {
    const mm = (shorter * step) / steps;
    const [onFirst, onSecond] = [placeAlong(first, mm), placeAlong(second, mm)];
    return onFirst && onSecond ? [{ mm, onFirst, onSecond }] : [];
  }).flat();
  return { firstMm, secondMm, differenceMm: secondMm - firstMm, stations };
}
