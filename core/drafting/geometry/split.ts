import { curved, type Edge, straight } from "./edge.ts";
import { parameterAt } from "./length.ts";
import { between } from "./point.ts";

/**
 * An edge cut in two at a parameter, both parts of the very line it was.
 * @param t between 0 and 1; at its ends one part has no length.
 */
export function split(edge: Edge, t: number): readonly [Edge, Edge] {
  if (edge.kind === "straight") {
    const at = between(edge.from, edge.to, t);
    return [straight(edge.from, at), straight(at, edge.to)];
  }
  const { from, leave, arrive, to } = edge;
  const [a, b, c] = [between(from, leave, t), between(leave, arrive, t), between(arrive, to, t)];
  const [d, e] = [between(a, b, t), between(b, c, t)];
  const at = between(d, e, t);
  return [curved(from, a, d, at), curved(at, e, c, to)];
}

/** An edge cut in two where it has gone a length, mm. */
export const splitAtLength = (edge: Edge, mm: number): readonly [Edge, Edge] => split(edge, parameterAt(edge, mm));

/** The part of an edge between two parameters, from the smaller to the larger. */
export function partOf(edge: Edge, from: number, to: number): Edge {
  const [, rest] = split(edge, from);
  return from >= 1 ? rest : split(rest, (to - from) / (1 - from))[0];
}
