import { type Draft, isWithin, type Point, placesAlong, point } from "../../../core/drafting/index.ts";
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
  const inRows = sheetOf(draft, rowOf(format));
  if (format.heightMm === null) return roll(inRows, format);
  const shows = { widthMm: printable(format.widthMm), heightMm: printable(format.heightMm) };
  const sheet = format.whole ? onWholePapers(inRows, shows.heightMm) : inRows;
  const count = (mm: number, one: number) => Math.max(1, Math.ceil((mm - OVERLAP_MM) / (one - OVERLAP_MM)));
  const [columns, rows] = [count(sheet.widthMm, shows.widthMm), count(sheet.heightMm, shows.heightMm)];
  const outlines = sheet.placed.map(outlined);
  const tiles = Array.from({ length: columns * rows }, (_, at): Tile => {
    const [column, row] = [at % columns, Math.floor(at / columns)];
    const [x, y] = [column * (shows.widthMm - OVERLAP_MM), row * (shows.heightMm - OVERLAP_MM)];
    const pieces = outlines.filter((one) => lies(one, x, y, shows)).map(({ placed }) => placed);
    return { name: `${columnName(column)}${row + 1}`, column, row, x, y, pieces };
  });
  const paper = { widthMm: format.widthMm, heightMm: format.heightMm };
  return { sheet, paper, shows, columns, rows, tiles: tiles.filter(({ pieces }) => pieces.length > 0) };
}

/**
 * Rows of pieces moved down so that each lies on one paper, clear of where it meets the next; a row that is higher than a paper begins one,
 * and goes on.
 */
function onWholePapers({ placed, widthMm }: PieceSheet, paperMm: number): PieceSheet {
  const pitchMm = paperMm - OVERLAP_MM;
  const topOf = ({ box, by }: PlacedPiece) => box.from.y + by.y;
  const lowOf = ({ box, by }: PlacedPiece) => box.to.y + by.y;
  const rows = [...new Set(placed.map(topOf))].map((top) => placed.filter((piece) => topOf(piece) === top));
  const moved: PlacedPiece[] = [];
  let [free, heightMm] = [0, 0];
  for (const row of rows) {
    const [top, low] = [Math.min(...row.map(topOf)), Math.max(...row.map(lowOf))];
    const at = Math.max(free, OVERLAP_MM);
    const page = Math.floor(at / pitchMm);
    const here = Math.max(at, page * pitchMm + OVERLAP_MM);
    const fits = here + (low - top) <= (page + 1) * pitchMm;
    // What fits on no paper begins one that nothing lies on yet.
    const to = fits || at === OVERLAP_MM ? here : (page + 1) * pitchMm + OVERLAP_MM;
    for (const { by, ...piece } of row) moved.push({ ...piece, by: { x: by.x, y: by.y + to - top } });
    heightMm = to + (low - top);
    free = heightMm + ROW_GAP_MM;
  }
  return { placed: moved, widthMm, heightMm: heightMm + OVERLAP_MM };
}

/** Between two rows on a paper, mm. */
const ROW_GAP_MM = 20;

/** A roll is one paper, as long as its pieces and wide enough for the widest. */
function roll(sheet: PieceSheet, { widthMm }: PieceFormat): Tiling {
  const shows = { widthMm: Math.max(printable(widthMm), sheet.widthMm), heightMm: sheet.heightMm };
  const paper = { widthMm: shows.widthMm + 2 * MARGIN_MM, heightMm: shows.heightMm + 2 * MARGIN_MM };
  const tile: Tile = { name: "A1", column: 0, row: 0, x: 0, y: 0, pieces: sheet.placed };
  return { sheet, paper, shows, columns: 1, rows: 1, tiles: [tile] };
}

/** A piece with the straight ways its outline is printed in: worked out once for all papers. */
interface Outlined {
  readonly placed: PlacedPiece;
  readonly ways: readonly (readonly [Point, Point])[];
}

function outlined(placed: PlacedPiece): Outlined {
  const places = placed.cut.flatMap((line) => placesAlong(line));
  return { placed, ways: places.map((from, at) => [from, places[(at + 1) % places.length] ?? from] as const) };
}

/** True where some of a piece is on a paper: its outline crosses it, or all of the paper lies within it. A box would print empty papers. */
function lies(
  { placed: { box, by, cut }, ways }: Outlined,
  x: number,
  y: number,
  shows: { readonly widthMm: number; readonly heightMm: number },
): boolean {
  const [left, top] = [x - by.x, y - by.y];
  const [right, low] = [left + shows.widthMm, top + shows.heightMm];
  if (box.to.x <= left || box.from.x >= right || box.to.y <= top || box.from.y >= low) return false;
  const crosses = ways.some(([from, to]) => {
    const [begins, ends] = clipped(clipped([0, 1], from.x, to.x, left, right), from.y, to.y, top, low);
    return begins <= ends;
  });
  return crosses || isWithin(cut, point((left + right) / 2, (top + low) / 2));
}

/** Of a straight way, from 0 to 1, what lies between two bounds of one of its coordinates; from above to where nothing does. */
function clipped(
  [from, to]: readonly [number, number],
  a: number,
  b: number,
  least: number,
  most: number,
): readonly [number, number] {
  if (a === b) return a < least || a > most ? [1, 0] : [from, to];
  const [one, other] = [(least - a) / (b - a), (most - a) / (b - a)];
  return [Math.max(from, Math.min(one, other)), Math.min(to, Math.max(one, other))];
}
