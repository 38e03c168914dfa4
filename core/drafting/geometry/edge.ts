import { between, distance, moved, type Point, point, type Vector } from "./point.ts";

/** A straight edge. */
export interface Straight {
  readonly kind: "straight";
  readonly from: Point;
  readonly to: Point;
}

/** A curved edge: one cubic, leaving toward `leave` and arriving from `arrive`. It stays a curve until it is on paper. */
export interface Curved {
  readonly kind: "curved";
  readonly from: Point;
  readonly leave: Point;
  readonly arrive: Point;
  readonly to: Point;
}

/** One edge of a piece, mm. */
export type Edge = Straight | Curved;

/** A straight edge between two places. */
export const straight = (from: Point, to: Point): Straight => ({ kind: "straight", from, to });

/** A curved edge by its ends and handles. */
export const curved = (from: Point, leave: Point, arrive: Point, to: Point): Curved => ({
  kind: "curved",
  from,
  leave,
  arrive,
  to,
});

/** The same line as a curve, its handles at the thirds: what is asked of curves can be asked of it. */
export const asCurved = (edge: Edge): Curved =>
  edge.kind === "curved"
    ? edge
    : curved(edge.from, between(edge.from, edge.to, 1 / 3), between(edge.from, edge.to, 2 / 3), edge.to);

/** Every place that decides an edge, in order. */
export const placesOf = (edge: Edge): readonly Point[] =>
  edge.kind === "straight" ? [edge.from, edge.to] : [edge.from, edge.leave, edge.arrive, edge.to];

/** An edge with each of its places put elsewhere. */
export function mapped(edge: Edge, put: (place: Point) => Point): Edge {
  return edge.kind === "straight"
    ? straight(put(edge.from), put(edge.to))
    : curved(put(edge.from), put(edge.leave), put(edge.arrive), put(edge.to));
}

/** The same edge gone along the other way. */
export const reversed = (edge: Edge): Edge =>
  edge.kind === "straight" ? straight(edge.to, edge.from) : curved(edge.to, edge.arrive, edge.leave, edge.from);

/** Edges one after the other, gone along the other way. */
export const backward = (edges: readonly Edge[]): Edge[] => edges.map(reversed).toReversed();

/** An edge moved by a way. */
export const shifted = (edge: Edge, by: Vector): Edge => mapped(edge, (place) => moved(place, by));

/** An edge on the other side of the centre line x = 0. */
export const mirrored = (edge: Edge): Edge => mapped(edge, ({ x, y }) => point(-x, y));

/**
 * How large an edge is, mm: the way along its places, at least as long as the edge itself. Tolerances are told as parts
 * of it, so that they mean the same on a strap and on a skirt.
 */
export function sizeOf(edge: Edge): number {
  const places = placesOf(edge);
  return places.slice(1).reduce((sum, place, at) => sum + distance(places[at] ?? place, place), 0);
}
