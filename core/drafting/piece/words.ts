import type { Piece } from "./piece.ts";

/** An edge by its name within a piece, as one says it: `front arc` for `frontArc`. */
export const edgeWords = (id: string): string => id.replace(/([a-z])([A-Z])/g, "$1 $2").toLowerCase();

/** A piece of a draft as the maker knows it; by the name a seam has for it where there is no such piece. */
export const pieceWords = (pieces: readonly Piece[], id: string): string =>
  `“${pieces.find((one) => one.id === id)?.name ?? id}”`;
