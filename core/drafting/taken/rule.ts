import type { Piece, TakenFrom } from "../piece/index.ts";

/** What a piece that is taken from another is drawn with: the rest is its own. */
export type TakenDrawn = Pick<Piece, "edges" | "levels" | "grain">;

/** Draws anew a piece that is taken from another, with its own finishes and allowances; null where the other has no room for it. */
export type TakenRule<From extends TakenFrom> = (taken: Piece, from: Piece, how: From) => TakenDrawn | null;
