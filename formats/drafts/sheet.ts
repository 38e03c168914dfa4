import {
  asCut,
  type Box,
  boxOfEdges,
  type CutPiece,
  cutLine,
  type Draft,
  type Edge,
  point,
  type Vector,
} from "../../core/drafting/index.ts";

/** Room between pieces laid side by side, and round all of them, mm. */
const GAP_MM = 20;

/** A piece with where it lies on a sheet. */
export interface PlacedPiece {
  readonly piece: CutPiece;
  /** The line it is cut along: worked out once, drawn wherever the piece is. */
  readonly cut: readonly Edge[];
  /** The box of that, in its own places. */
  readonly box: Box;
  /** What is added to its own places to lay it on the sheet, mm. */
  readonly by: Vector;
}

/** Pieces beside one another, none over another, mm. */
export interface PieceSheet {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly placed: readonly PlacedPiece[];
}

/**
 * Lays the pieces of a draft out in rows in their order, with their allowances: a piece that has no room left in a row
 * begins the next.
 *
 * @param mostMm width of a row; a piece that is wider has a row of its own, and the sheet is as wide as it.
 * @param gapMm room between pieces.
 */
export function sheetOf({ pieces }: Draft, mostMm = Number.POSITIVE_INFINITY, gapMm = GAP_MM): PieceSheet {
  let [across, down, tallest, widest] = [gapMm, gapMm, 0, 0];
  const placed = pieces.map(asCut).map((piece): PlacedPiece => {
    const cut = cutLine(piece);
    const box = boxOfEdges(cut);
    const [width, height] = [box.to.x - box.from.x, box.to.y - box.from.y];
    if (across > gapMm && across + width + gapMm > mostMm) {
      down += tallest + gapMm;
      [across, tallest] = [gapMm, 0];
    }
    const by = point(across - box.from.x, down - box.from.y);
    across += width + gapMm;
    tallest = Math.max(tallest, height);
    widest = Math.max(widest, across);
    return { piece, cut, box, by };
  });
  return { widthMm: Math.max(widest, 2 * gapMm), heightMm: down + tallest + gapMm, placed };
}

/**
 * Lays the pieces out in rows as large as a place of this shape can show them.
 * @param aspect width over height of the place.
 */
export function sheetFitting(draft: Draft, aspect: number, gapMm = GAP_MM): PieceSheet {
  const [all, ...rows] = rowWidths(draft, gapMm).map((mostMm) => sheetOf(draft, mostMm, gapMm));
  const needs = ({ widthMm, heightMm }: PieceSheet) => Math.max(widthMm, heightMm * aspect);
  return rows.reduce((best, sheet) => (needs(sheet) < needs(best) ? sheet : best), all ?? sheetOf(draft));
}

/** Every width at which a row ends after another piece: all in one row first. */
function rowWidths(draft: Draft, gapMm: number): number[] {
  const { placed } = sheetOf(draft, Number.POSITIVE_INFINITY, gapMm);
  return placed.map(({ box, by }) => box.to.x + by.x + gapMm).toReversed();
}
