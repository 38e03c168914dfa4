import {
  type Box,
  boxOfEdges,
  type CutPiece,
  cutLine,
  type Draft,
  type Edge,
  point,
  type Vector,
  wholePieces,
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
 */
export const sheetOf = (draft: Draft, mostMm = Number.POSITIVE_INFINITY): PieceSheet =>
  inRows(shapesOf(draft), mostMm, GAP_MM);

/**
 * Lays the pieces out in rows as large as a place of this shape can show them.
 * @param aspect width over height of the place.
 * @param gapFor room between pieces, by the width of a place that shows all of them, mm.
 */
export function sheetFitting(
  draft: Draft,
  aspect: number,
  gapFor: (placeMm: number) => number = () => GAP_MM,
): PieceSheet {
  const shapes = shapesOf(draft);
  const placeFor = ({ widthMm, heightMm }: PieceSheet) => Math.max(widthMm, heightMm * aspect);
  const largest = (gapMm: number) =>
    rowWidths(shapes, gapMm)
      .map((mostMm) => inRows(shapes, mostMm, gapMm))
      .reduce((best, sheet) => (placeFor(sheet) < placeFor(best) ? sheet : best), inRows(shapes, 0, gapMm));
  return largest(gapFor(placeFor(largest(GAP_MM))));
}

/** A piece with its cut line and the box of that: worked out once, however often it is laid. */
type Shape = Omit<PlacedPiece, "by">;

const shapesOf = ({ pieces }: Draft): Shape[] =>
  wholePieces({ pieces }).map((piece) => {
    const cut = cutLine(piece);
    return { piece, cut, box: boxOfEdges(cut) };
  });

function inRows(shapes: readonly Shape[], mostMm: number, gapMm: number): PieceSheet {
  let [across, down, tallest, widest] = [gapMm, gapMm, 0, 0];
  const placed = shapes.map((shape): PlacedPiece => {
    const { box } = shape;
    const [width, height] = [box.to.x - box.from.x, box.to.y - box.from.y];
    if (across > gapMm && across + width + gapMm > mostMm) {
      down += tallest + gapMm;
      [across, tallest] = [gapMm, 0];
    }
    const by = point(across - box.from.x, down - box.from.y);
    across += width + gapMm;
    tallest = Math.max(tallest, height);
    widest = Math.max(widest, across);
    return { ...shape, by };
  });
  return { widthMm: Math.max(widest, 2 * gapMm), heightMm: down + tallest + gapMm, placed };
}

/** Every width at which a row ends after another piece. */
function rowWidths(shapes: readonly Shape[], gapMm: number): number[] {
  const { placed } = inRows(shapes, Number.POSITIVE_INFINITY, gapMm);
  return placed.map(({ box, by }) => box.to.x + by.x + gapMm);
}
