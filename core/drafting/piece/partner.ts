import type { Piece, PieceEdge } from "./piece.ts";

/** An edge with the piece it is of. */
export interface EdgeOfPiece {
  readonly piece: Piece;
  readonly edge: PieceEdge;
}

/** The edge another is sewn to, among these pieces; null where it is sewn to none, or to one that is not there. */
export function partnerOf(pieces: readonly Piece[], { seam }: Pick<PieceEdge, "seam">): EdgeOfPiece | null {
  const piece = seam && pieces.find(({ id }) => id === seam.piece);
  const edge = piece?.edges.find(({ id }) => id === seam?.edge);
  return piece && edge ? { piece, edge } : null;
}
