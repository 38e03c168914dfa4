import { edgeLength, type Piece, type PieceEdge } from "../piece/index.ts";

/** A notch with the piece it is cut into. */
export interface NotchAt {
  readonly piece: string;
  readonly edge: string;
  readonly mm: number;
}

/** Nearer to a corner than this a notch cannot be told from it, mm. */
const OFF_CORNER_MM = 2;

/** A notch at a place along an edge; none at its corners. */
export const along = (piece: Pick<Piece, "id">, edge: PieceEdge, mm: number): NotchAt[] =>
  mm > OFF_CORNER_MM && mm < edgeLength(edge) - OFF_CORNER_MM ? [{ piece: piece.id, edge: edge.id, mm }] : [];
