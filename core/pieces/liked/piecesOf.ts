import { type Draft, type Piece, type PieceEdge, type Point, wholeId } from "../../drafting/index.ts";
import { term } from "../../explain/index.ts";

/** A term that is measured on the pieces. */
export const onPieces = (symbol: string, meaning: string, mm: number) =>
  term("garment", "length")(symbol, meaning, mm, "along the seam lines of these pieces");

/** The piece of a draft that is, or has the half that is, called so; of two halves the first. */
export const halfOf = ({ pieces }: Draft, id: string): Piece | undefined =>
  pieces.find((piece) => wholeId(piece.id) === id);

/** The first edge of a piece in a role. */
export const edgeIn = (piece: Piece | undefined, ...roles: readonly PieceEdge["role"][]): PieceEdge | undefined =>
  piece?.edges.find(({ role }) => roles.includes(role));

/** Both ends of an edge. */
export const endsOf = ({ lines }: PieceEdge): readonly Point[] =>
  [lines[0]?.from, lines.at(-1)?.to].filter((at) => at !== undefined);

/** The highest place of the shoulder of a piece; null where it has none: what hangs on a strap begins below the shoulder. */
export function shoulderOf(piece: Piece | undefined): number | null {
  const seat = edgeIn(piece, "shoulder");
  return seat ? Math.min(...endsOf(seat).map(({ y }) => y)) : null;
}
