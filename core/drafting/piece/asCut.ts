import type { CutPiece } from "./darts/cutPiece.ts";
import { withDart } from "./darts/withDart.ts";
import type { Piece } from "./piece.ts";

/** Pieces never change: what one comes to is worked out once, however many draw it, list it and check it. */
const known = new WeakMap<Piece, CutPiece>();

/**
 * A piece as it is cut: each gap closed by turning what lies between it and the seam that takes the dart about the dart's point,
 * the edge that gaped trued, the seam opened, and its allowance shaped so that the folded dart ends in the seam.
 * A dart whose place the piece no longer has is left out; {@link dartFault} says so.
 */
export function asCut(piece: Piece): CutPiece {
  const before = known.get(piece);
  if (before) return before;
  const cut = (piece.darts ?? []).reduce<CutPiece>((one, dart) => withDart(one, piece, dart), {
    ...piece,
    drawnDarts: [],
  });
  known.set(piece, cut);
  return cut;
}
