import type { Edge } from "./edge.ts";
import { lengthOfEdge } from "./length.ts";
import { splitAtLength } from "./split.ts";

/** A part of an edge shorter than this is left out: it has no direction to go on by, mm. */
const NOTHING_MM = 1e-6;

/**
 * Part of edges one after the other, between two lengths along them, mm. What lies outside them is not drawn.
 * @param to at `from` or after; beyond the end, up to the end.
 */
export function partAlong(edges: readonly Edge[], from: number, to: number): Edge[] {
  let gone = 0;
  return edges.flatMap((edge) => {
    const [start, length] = [gone, lengthOfEdge(edge)];
    gone += length;
    const [first, last] = [Math.max(0, from - start), Math.min(length, to - start)];
    if (last - first <= NOTHING_MM) return [];
    const rest = first > 0 ? splitAtLength(edge, first)[1] : edge;
    return [last < length ? splitAtLength(rest, last - first)[0] : rest];
  });
}
