import {
  type Box,
  boxOfEdges,
  cutLine,
  type Draft,
  type Piece,
  point,
  type Vector,
} from "../../core/drafting/index.ts";

/** Room between pieces laid side by side, and round all of them, mm. */
const GAP_MM = 20;

/** A piece with where it lies on a sheet. */
export interface PlacedPiece {
  readonly piece: Piece;
  /** Its box with the allowances, in its own places. */
  readonly box: Box;
  /** What is added to its own places to lay it on the sheet, mm. */
  readonly by: Vector;
}

/** Pieces side by side, none over another, mm. */
export interface PieceSheet {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly placed: readonly PlacedPiece[];
}

/** Lays the pieces of a draft side by side in their order, with their allowances. */
export function sheetOf({ pieces }: Draft): PieceSheet {
  let across = GAP_MM;
  const placed = pieces.map((piece): PlacedPiece => {
    const box = boxOfEdges(cutLine(piece));
    const by = point(across - box.from.x, GAP_MM - box.from.y);
    across += box.to.x - box.from.x + GAP_MM;
    return { piece, box, by };
  });
  const tallest = Math.max(0, ...placed.map(({ box }) => box.to.y - box.from.y));
  return { widthMm: across, heightMm: tallest + 2 * GAP_MM, placed };
}
