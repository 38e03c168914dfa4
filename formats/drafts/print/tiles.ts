import type { Draft } from "../../../core/drafting/index.ts";
import { type PieceSheet, type PlacedPiece, sheetOf } from "../sheet.ts";
import { MARGIN_MM, OVERLAP_MM, type PieceFormat, printable, rowOf } from "./papers.ts";

/** One paper of a print, with what of the sheet it shows, mm. */
export interface Tile {
  /** `B3`: column by letter, row by number. */
  readonly name: string;
  readonly column: number;
  readonly row: number;
  /** Upper left corner of what it shows, on the sheet. */
  readonly x: number;
  readonly y: number;
  readonly pieces: readonly PlacedPiece[];
}

/** A sheet of pieces cut into papers. */
export interface Tiling {
  readonly sheet: PieceSheet;
  readonly paper: { readonly widthMm: number; readonly heightMm: number };
  /** What each paper shows, mm. */
  readonly shows: { readonly widthMm: number; readonly heightMm: number };
  readonly columns: number;
  readonly rows: number;
  /** Papers that some piece lies on, row by row; the others are left out. */
  readonly tiles: readonly Tile[];
}

const LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";

/** A column by its letter; past the alphabet by two. */
export const columnName = (column: number): string =>
  column < LETTERS.length
    ? (LETTERS[column] ?? "")
    : `${columnName(Math.floor(column / LETTERS.length) - 1)}${LETTERS[column % LETTERS.length]}`;

/** Cuts the pieces of a draft into the papers of a format. */
export function tilingOf(draft: Draft, format: PieceFormat): Tiling {
  const sheet = sheetOf(draft, rowOf(format));
  if (format.heightMm === null) return roll(sheet, format);
  const shows = { widthMm: printable(format.widthMm), heightMm: printable(format.heightMm) };
  const count = (mm: number, one: number) => Math.max(1, Math.ceil((mm - OVERLAP_MM) / (one - OVERLAP_MM)));
  const [columns, rows] = [count(sheet.widthMm, shows.widthMm), count(sheet.heightMm, shows.heightMm)];
  const tiles = Array.from({ length: columns * rows }, (_, at): Tile => {
    const [column, row] = [at % columns, Math.floor(at / columns)];
    const [x, y] = [column * (shows.widthMm - OVERLAP_MM), row * (shows.heightMm - OVERLAP_MM)];
    const pieces = sheet.placed.filter((piece) => lies(piece, x, y, shows));
    return { name: `${columnName(column)}${row + 1}`, column, row, x, y, pieces };
  });
  const paper = { widthMm: format.widthMm, heightMm: format.heightMm };
  return { sheet, paper, shows, columns, rows, tiles: tiles.filter(({ pieces }) => pieces.length > 0) };
}

/** A roll is one paper, as long as its pieces and wide enough for the widest. */
function roll(sheet: PieceSheet, { widthMm }: PieceFormat): Tiling {
  const shows = { widthMm: Math.max(printable(widthMm), sheet.widthMm), heightMm: sheet.heightMm };
  const paper = { widthMm: shows.widthMm + 2 * MARGIN_MM, heightMm: shows.heightMm + 2 * MARGIN_MM };
  const tile: Tile = { name: "A1", column: 0, row: 0, x: 0, y: 0, pieces: sheet.placed };
  return { sheet, paper, shows, columns: 1, rows: 1, tiles: [tile] };
}

function lies(
  { box, by }: PlacedPiece,
  x: number,
  y: number,
  shows: { readonly widthMm: number; readonly heightMm: number },
): boolean {
  return (
    box.to.x + by.x > x &&
    box.from.x + by.x < x + shows.widthMm &&
    box.to.y + by.y > y &&
    box.from.y + by.y < y + shows.heightMm
  );
}
