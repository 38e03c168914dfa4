import { edgeOf, moved, type Piece, type Point, pathData, square, standingAlong } from "../../core/drafting/index.ts";
import { arrowLine, stretchArrow } from "./arrows.ts";
import { foldBrackets, foldedLines } from "./foldedLines.ts";
import type { PlacedPiece } from "./sheet.ts";

/** What is drawn of a piece, each to be left out on its own. */
export const LAYERS = ["cut", "seam", "level", "marking", "text"] as const;

/** One of {@link LAYERS}. */
export type Layer = (typeof LAYERS)[number];

/** What each layer is called, on the form and in the PDF's own list of layers. */
export const LAYER_NAMES: Readonly<Record<Layer, string>> = {
  cut: "cut lines",
  seam: "seam lines",
  level: "levels",
  marking: "grain and stretch, notches, bone channels",
  text: "words",
};

/** How far a notch reaches inside its seam line, and outside of one without an allowance, mm. */
const NOTCH_MM = 3;

/** Half the length of the lines of a drill point, mm. */
const DRILL_MM = 4;

/** Height of the words on a piece, mm: small enough for it, large enough to be read. */
const TEXT_MM = { least: 2.5, most: 7 };

/** Width of a letter over its height, on the average; distance of lines over it. */
const [LETTER, LINE] = [0.55, 1.4];

/** Words begin this far right of the grain line, mm. */
const BESIDE_GRAIN_MM = 3;

/** What is drawn by lines: its layers, and folds, which belong to seam lines and cut lines alike. */
type LineKind = Exclude<Layer, "text"> | "fold";

/** The lines of a piece by kind, as path data in its own places, mm. */
export const linesOf = ({ piece, cut }: PlacedPiece): Readonly<Record<LineKind, readonly string[]>> => ({
  ...foldedLines(piece, cut),
  level: piece.levels.map(({ from, to }) => line(from, to)),
  marking: [
    ...arrowLine(piece.grain.from, piece.grain.to),
    ...stretchArrow(piece),
    ...foldBrackets(piece),
    ...piece.notches.flatMap(({ edge, mm }) => notchLine(piece, edge, mm)),
    ...piece.drawnDarts.flatMap(({ mouth, end }) => mouth.map((from) => line(from, end))),
    ...(piece.points ?? []).flatMap(({ at }) => drillCross(at)),
    ...(piece.channels ?? []).flatMap(({ way }) => channelLines(way)),
  ],
});

/** A line of words on a piece, mm: its lower left corner in the piece's own places, and its height. */
export interface Words {
  readonly text: string;
  readonly at: Point;
  readonly sizeMm: number;
}

/** What is written on a piece: what it is, how many, how it is cut, of which cloth. */
export function wordsOf({ piece, box }: PlacedPiece): Words[] {
  const { name, count, onFold, mirrored, role, grain } = piece;
  const how = [`cut ${count}`, ...(onFold ? ["on the fold"] : []), ...(mirrored ? ["half of them turned over"] : [])];
  const texts = [name, how.join(", "), role];
  const x = grain.from.x + BESIDE_GRAIN_MM;
  const longest = Math.max(...texts.map(({ length }) => length));
  const sizeMm = Math.min(
    TEXT_MM.most,
    Math.max(TEXT_MM.least, (box.to.x - x) / (LETTER * longest)),
    (box.to.y - box.from.y) / (LINE * (texts.length + 1)),
  );
  const y = (grain.from.y + grain.to.y - LINE * sizeMm * (texts.length - 1)) / 2;
  return texts.map((text, at) => ({ text, at: { x, y: y + at * LINE * sizeMm }, sizeMm }));
}

/** A drill point as two short lines that cross. */
const drillCross = ({ x, y }: Point): string[] => [
  line({ x: x - DRILL_MM, y }, { x: x + DRILL_MM, y }),
  line({ x, y: y - DRILL_MM }, { x, y: y + DRILL_MM }),
];

/** Half the length of the line across either end of a bone, mm. */
const BONE_END_MM = 4;

/** A bone as it lies in its channel: its way, and a short line across either end. */
function channelLines(way: readonly Point[]): string[] {
  const [first, last] = [way[0], way.at(-1)];
  if (!first || !last) return [];
  const ends = [first, last].map(({ x, y }) => line({ x: x - BONE_END_MM, y }, { x: x + BONE_END_MM, y }));
  return [...way.slice(1).map((to, at) => line(way[at] ?? to, to)), ...ends];
}

const line = (from: Point, to: Point) => pathData([{ kind: "straight", from, to }]);

/** A short line across an edge at a length along it, out to where it is cut: there it is snipped. */
function notchLine(piece: Piece, id: string, mm: number): string[] {
  const { lines, allowanceMm } = edgeOf(piece, id);
  const standing = standingAlong(lines, mm);
  if (!standing) return [];
  const { at, along } = standing;
  const outMm = Math.max(NOTCH_MM, allowanceMm);
  return [line(moved(at, square(along), -outMm), moved(at, square(along), NOTCH_MM))];
}
