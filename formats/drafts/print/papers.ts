/** What pieces are printed on, mm. */
export interface PieceFormat {
  readonly id: string;
  readonly name: string;
  readonly widthMm: number;
  /** Null for a roll: as long as the pieces need. */
  readonly heightMm: number | null;
  /** True of a paper that takes whole pieces: none is parted that has room on one. */
  readonly whole?: true;
}

/** Papers and rolls, in the order they are offered. */
export const PIECE_FORMATS: readonly PieceFormat[] = [
  { id: "a4", name: "A4 tiles", widthMm: 210, heightMm: 297 },
  { id: "letter", name: "US letter tiles", widthMm: 215.9, heightMm: 279.4 },
  { id: "a0", name: "A0", widthMm: 841, heightMm: 1189, whole: true },
  { id: "roll610", name: "Roll 610 mm", widthMm: 610, heightMm: null },
  { id: "roll914", name: "Roll 914 mm", widthMm: 914, heightMm: null },
];

/** Nothing is printed nearer to the edge of a paper than this, mm. */
export const MARGIN_MM = 10;

/** Tiles lie over their neighbours by this, mm: where they are glued. */
export const OVERLAP_MM = 10;

/** Widest row of pieces on tiles, in tiles: a table takes no more side by side. */
const TILES_ACROSS = 4;

/** What of a paper is printed on. */
export const printable = (mm: number): number => mm - 2 * MARGIN_MM;

/** How wide the rows of pieces may be on a format, mm. */
export const rowOf = ({ widthMm, heightMm, whole }: PieceFormat): number =>
  whole || heightMm === null ? printable(widthMm) : TILES_ACROSS * (printable(widthMm) - OVERLAP_MM) + OVERLAP_MM;
