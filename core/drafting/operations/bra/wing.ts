import { placesOf, point } from "../../geometry/index.ts";
import type { Piece } from "../../piece/index.ts";
import { eased, warpedPiece } from "../../warp/index.ts";
import { edgeIn } from "./braPieces.ts";

/** True for what of a band lies behind its side seam: only that stretches. */
export const isWing = (piece: Piece): boolean => edgeIn(piece, "side") !== null && edgeIn(piece, "wire") === null;

/** A wing longer by so much, most in its middle, so that it leaves its side seam and meets its end as before; below 0 shorter. */
export function longerWing(piece: Piece, by: number): Piece {
  const seam = edgeIn(piece, "side")?.edge.lines[0]?.from.x;
  const all = piece.edges.flatMap(({ lines }) => lines.flatMap(placesOf)).map(({ x }) => x);
  if (seam === undefined) return piece;
  const back = piece.onFold ? Math.min(...all) : Math.max(...all);
  // A back on its fold keeps its fold, and its side seam goes outward; else the end of the wing does.
  const [still, moves] = piece.onFold ? [back, seam] : [seam, back];
  return warpedPiece(piece, ({ x, y }) =>
    point(x + by * eased(Math.min(1, Math.max(0, (x - still) / (moves - still)))), y),
  );
}
