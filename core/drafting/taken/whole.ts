import type { Piece, TakenFrom } from "../piece/index.ts";
import type { TakenDrawn } from "./rule.ts";

/** All of a piece again, in a cloth of its own: a lining that is cut as what it lies in. */
export function wholeAgain(taken: Piece, from: Piece, _how: Extract<TakenFrom, { kind: "whole" }>): TakenDrawn {
  const linesOf = (id: string) => from.edges.find((edge) => edge.id === id)?.lines ?? [];
  return { edges: taken.edges.map((edge) => ({ ...edge, lines: linesOf(edge.id) })), levels: [], grain: from.grain };
}
