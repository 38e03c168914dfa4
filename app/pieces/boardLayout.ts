import {
  asCut,
  type Box,
  boxOfEdges,
  type Draft,
  outlineOf,
  type Piece,
  type Vector,
} from "../../core/drafting/index.ts";
import { type PlacedPiece, sheetOf } from "../../formats/drafts/sheet.ts";

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
  const before = (old?.pieces ?? []).map(asCut);
  const boxes = draft.pieces.map((piece) => boxOfEdges(outlineOf(piece)));
  const area = boxes.reduce((sum, box) => sum + (across(box) + ROOM_MM) * (down(box) + ROOM_MM), 0);
  const widest = Math.max(0, ...boxes.map((box) => across(box) + ROOM_MM));
  const { widthMm, heightMm, placed } = sheetOf(draft, Math.max(widest, Math.sqrt(area * ASPECT) * 1.15));
  return {
    widthMm,
    heightMm,
    textMm: Math.max(widthMm, heightMm * ASPECT) / 52,
    pieces: placed.map((one) => ({ ...one, old: before.find(({ id }) => id === one.piece.id) ?? null })),
  };
}

/** Room a piece takes beyond its own, mm. */
const ROOM_MM = 40;

const across = ({ from, to }: Box): number => to.x - from.x;
const down = ({ from, to }: Box): number => to.y - from.y;

/** How a piece is moved to its place, as SVG says it. */
export const movedBy = ({ x, y }: Vector): string => `translate(${x} ${y})`;
