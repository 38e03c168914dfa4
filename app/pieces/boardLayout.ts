import { alikeIn, type Draft, type Piece, type Vector, wholePieces } from "../../core/drafting/index.ts";
import { type PlacedPiece, sheetFitting } from "../../formats/drafts/sheet.ts";

/** Width over height a board is laid out for: what a screen has beside the options. */
const ASPECT = 1.7;

/** A piece on the board, with what it was before where that is shown. */
export interface BoardPiece extends PlacedPiece {
  readonly old: Piece | null;
}

/** Pieces laid out to be looked at, mm. */
export interface Board {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly pieces: readonly BoardPiece[];
  /** Height of the words on it, mm. */
  readonly textMm: number;
}

/** Lays pieces out side by side, as near to the screen's shape as their rows come; old outlines keep to their piece. */
export function boardOf(draft: Draft, old: Draft | null = null): Board {
  const before = old ? wholePieces(alikeIn(draft, old)) : [];
  const { widthMm, heightMm, placed } = sheetFitting(
    draft,
    ASPECT,
    (placeMm) => (old ? GAP_WITH_AMOUNTS : GAP) * textOf(placeMm),
  );
  return {
    widthMm,
    heightMm,
    textMm: textOf(Math.max(widthMm, heightMm * ASPECT)),
    pieces: placed.map((one) => ({ ...one, old: before.find(({ id }) => id === one.piece.id) ?? null })),
  };
}

/** Height of the words on a board of this width, mm. */
const textOf = (placeMm: number): number => placeMm / 52;

/** Between pieces the numbers of both have room, in heights of the words; where old outlines are under them, the amounts too. */
const [GAP, GAP_WITH_AMOUNTS] = [2.9, 5.6];

/** How a piece is moved to its place, as SVG says it. */
export const movedBy = ({ x, y }: Vector): string => `translate(${x} ${y})`;
