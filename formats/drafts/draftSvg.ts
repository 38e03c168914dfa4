import {
  cutLine,
  type Draft,
  outlineOf,
  type Piece,
  type Point,
  pathData,
  placeAlong,
  type Vector,
} from "../../core/drafting/index.ts";
import { type PlacedPiece, sheetOf } from "./sheet.ts";

/** Height of the words on a piece, mm: small enough for it, large enough to be read. */
const TEXT_MM = { least: 2.5, most: 7 };

/** Width of a letter over its height, on the average; distance of lines over it. */
const [LETTER, LINE] = [0.55, 1.4];

/** Words begin this far right of the grain line, mm. */
const BESIDE_GRAIN_MM = 3;

/** Half the length of a notch across its seam line, mm. */
const NOTCH_MM = 3;

/**
 * The pieces of a draft as SVG in millimetres, opening at true size: a group for each piece, and in it a layer each for cut
 * lines, seam lines, levels, markings and text.
 */
export function draftSvg(draft: Draft): string {
  const { widthMm, heightMm, placed } = sheetOf(draft);
  const [width, height] = [number(widthMm), number(heightMm)];
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}">`,
    `<style>${STYLE}</style>`,
    ...placed.map(pieceGroup),
    "</svg>",
    "",
  ].join("\n");
}

const STYLE = [
  "path{fill:none;stroke:#000}",
  ".cut path{stroke-width:.6}",
  ".seam path{stroke-width:.3;stroke-dasharray:4 2}",
  ".level path{stroke-width:.2;stroke-dasharray:1 2}",
  ".marking path{stroke-width:.4}",
  "text{font-family:sans-serif}",
].join("");

function pieceGroup({ piece, box, by }: PlacedPiece): string {
  const words = wordsOn(piece);
  const x = piece.grain.from.x + BESIDE_GRAIN_MM;
  const longest = Math.max(...words.map(({ length }) => length));
  const size = Math.min(
    TEXT_MM.most,
    Math.max(TEXT_MM.least, (box.to.x - x) / (LETTER * longest)),
    (box.to.y - box.from.y) / (LINE * (words.length + 1)),
  );
  const y = (piece.grain.from.y + piece.grain.to.y - LINE * size * (words.length - 1)) / 2;
  return [
    `<g id="${escaped(piece.id)}" transform="translate(${number(by.x)} ${number(by.y)})">`,
    `<g class="cut"><path d="${pathData(cutLine(piece))} Z"/></g>`,
    `<g class="seam"><path d="${pathData(outlineOf(piece))} Z"/></g>`,
    `<g class="level">${piece.levels.map(({ from, to }) => line(from, to)).join("")}</g>`,
    `<g class="marking">${line(piece.grain.from, piece.grain.to)}${piece.notches.map((notch) => notchLine(piece, notch.edge, notch.mm)).join("")}</g>`,
    `<g class="text" font-size="${number(size)}">${words.map((word, at) => `<text x="${number(x)}" y="${number(y + at * LINE * size)}">${escaped(word)}</text>`).join("")}</g>`,
    "</g>",
  ].join("\n");
}

/** What is written on a piece: what it is, how many, and how it is cut. */
function wordsOn({ name, count, onFold, mirrored, role }: Piece): string[] {
  const how = [onFold ? "on the fold" : null, mirrored ? "half of them turned over" : null].filter((word) => word);
  return [name, [`cut ${count}`, ...how].join(", "), role];
}

const line = (from: Point, to: Point) =>
  `<path d="M ${number(from.x)} ${number(from.y)} L ${number(to.x)} ${number(to.y)}"/>`;

function notchLine(piece: Piece, id: string, mm: number): string {
  const lines = piece.edges.find((edge) => edge.id === id)?.lines ?? [];
  const [at, before] = [placeAlong(lines, mm), placeAlong(lines, Math.max(0, mm - 1))];
  const after = placeAlong(lines, mm + 1);
  if (!at || !before || !after) return "";
  const along: Vector = { x: after.x - before.x, y: after.y - before.y };
  const length = Math.hypot(along.x, along.y) || 1;
  const across = { x: (-along.y / length) * NOTCH_MM, y: (along.x / length) * NOTCH_MM };
  return line({ x: at.x - across.x, y: at.y - across.y }, { x: at.x + across.x, y: at.y + across.y });
}

const number = (mm: number): string => String(Number(mm.toFixed(3)) + 0);

const escaped = (text: string): string =>
  text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;").replaceAll('"', "&quot;");
