import type { Draft } from "../../core/drafting/index.ts";
import { LAYERS, type Layer, linesOf, type Words, wordsOf } from "./layers.ts";
import { type PlacedPiece, sheetOf } from "./sheet.ts";

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
  ".fold path{stroke-width:.5;stroke-dasharray:12 3 1.5 3}",
  "text{font-family:sans-serif}",
].join("");

function pieceGroup(placed: PlacedPiece): string {
  const lines = linesOf(placed);
  const drawn = (layer: Layer): string =>
    layer === "text" ? wordsOf(placed).map(textOf).join("") : lines[layer].map(pathOf).join("");
  return [
    `<g id="${escaped(placed.piece.id)}" transform="translate(${number(placed.by.x)} ${number(placed.by.y)})">`,
    ...LAYERS.map((layer) => `<g class="${layer}">${drawn(layer)}</g>`),
    `<g class="fold">${lines.fold.map(pathOf).join("")}</g>`,
    "</g>",
  ].join("\n");
}

const pathOf = (path: string): string => `<path d="${path}"/>`;

const textOf = ({ text, at, sizeMm }: Words): string =>
  `<text x="${number(at.x)}" y="${number(at.y)}" font-size="${number(sizeMm)}">${escaped(text)}</text>`;

const number = (mm: number): string => String(Number(mm.toFixed(3)) + 0);

const escaped = (text: string): string =>
  text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;").replaceAll('"', "&quot;");
