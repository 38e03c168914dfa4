import { type Draft, edgeLength, type Piece, wholePieces } from "../../core/drafting/index.ts";
import { writeCsv } from "../csv.ts";

/** Columns of the list: an edge a row, with the piece it is of. Lengths in mm. */
export const PIECE_COLUMNS = [
  "piece",
  "cut",
  "on_fold",
  "turned_over",
  "cloth",
  "changes_with",
  "edge",
  "length_mm",
  "finish",
  "allowance_mm",
  "sewn_to",
] as const;

/** Every piece of a draft as it is cut, edge by edge, to tick off or to count by. */
export function pieceListCsv(draft: Draft): string {
  const names = new Map(draft.pieces.map(({ id, name }) => [id, name]));
  const called = (id: string) => names.get(id) ?? id;
  return writeCsv([[...PIECE_COLUMNS], ...wholePieces(draft).flatMap((piece) => rowsOf(piece, called))], {
    newline: "\r\n",
  });
}

/** A tenth of a millimetre is finer than any shears. */
const mm = (length: number): number => Math.round(length * 10) / 10;

const rowsOf = (piece: Piece, called: (id: string) => string): (string | number)[][] =>
  piece.edges
    .filter(({ role }) => role !== "dart")
    .map((edge) => [
      ...[piece.name, piece.count, piece.onFold ? "yes" : "no", piece.mirrored ? piece.count / 2 : 0, piece.role],
      ...[piece.links.map(called).join("; "), edge.id, mm(edgeLength(edge)), edge.finish, edge.allowanceMm],
      edge.seam ? `${edge.seam.edge} of ${called(edge.seam.piece)}` : "",
    ]);
