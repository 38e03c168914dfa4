import PDFDocument from "pdfkit";
import { alikeIn, closedPath, type Draft, outlineOf, type Piece, wholePieces } from "../../../core/drafting/index.ts";
import { LAYER_NAMES, LAYERS, type Layer, linesOf, wordsOf } from "../layers.ts";
import type { PlacedPiece } from "../sheet.ts";
import { drawMap } from "./mapPage.ts";
import { beginPage, dashed, writer } from "./page.ts";
import { MARGIN_MM, OVERLAP_MM, type PieceFormat } from "./papers.ts";
import { pdfLayers } from "./pdfLayers.ts";
import { type Tile, type Tiling, tilingOf } from "./tiles.ts";

/** Other pieces under those that are printed: each lies where the one of its name does. */
export interface Outlines {
  readonly name: string;
  readonly draft: Draft;
}

/** How pieces are printed. */
export interface PrintOptions {
  readonly title: string;
  readonly format: PieceFormat;
  /** All, where none are named. */
  readonly layers?: readonly Layer[];
  /** Outlines laid under the pieces, each a layer of its own: other sizes, the prototypes before. */
  readonly under?: readonly Outlines[];
  /** Told after each page: how many of how many are drawn. */
  readonly onPage?: (done: number, all: number) => void;
}

/** How lines are drawn: their width, mm, how they are broken, their tone. */
interface LineStyle {
  readonly wide: number;
  readonly dash: readonly number[] | null;
  readonly tone?: string;
}

/** Outlines under the pieces: thin and grey. */
const UNDER: LineStyle = { wide: 0.25, dash: [6, 2], tone: "#777" };

/** The seam lines of a piece by its name. */
const outlineById = (piece: Piece) => [piece.id, closedPath(outlineOf(piece))] as const;

/** Folds: nothing is cut there. */
const FOLD: LineStyle = { wide: 0.5, dash: [12, 3, 1.5, 3] };

/** The lines of each layer. */
const LINES: Readonly<Record<Exclude<Layer, "text">, LineStyle>> = {
  cut: { wide: 0.6, dash: null },
  seam: { wide: 0.3, dash: [4, 2] },
  level: { wide: 0.2, dash: [1, 2] },
  marking: { wide: 0.4, dash: null },
};

/** Length of the marks in the corners of a tile, and height of its name, mm. */
const [MARK_MM, TEXT_MM] = [5, 3.2];

/**
 * The pieces of a draft at full size as a PDF: a first page with a map of the papers and two squares to measure, then the papers
 * row by row. A page goes out as soon as it is drawn; what goes wrong on the way ends the stream with its error.
 *
 * @returns the PDF as a stream, and how many pages it has.
 */
export function draftPdf(draft: Draft, { title, format, layers = LAYERS, under = [], onPage }: PrintOptions) {
  const tiling = tilingOf(draft, format);
  const doc = new PDFDocument({ autoFirstPage: false, info: { Title: title } });
  const write = writer(doc);
  const pages = tiling.tiles.length + 1;
  const drawings = new Map(tiling.sheet.placed.map((placed) => [placed, linesOf(placed)] as const));
  const below = under.map(({ name, draft: other }) => ({
    name,
    pieces: new Map(wholePieces(alikeIn(draft, other)).map(outlineById)),
  }));
  const within = pdfLayers(doc, [...layers.map((layer) => LAYER_NAMES[layer]), ...below.map(({ name }) => name)]);
  drawAll().catch((cause: unknown) => doc.destroy(cause as Error));
  return { stream: doc as NodeJS.ReadableStream, pages };

  async function drawAll() {
    drawMap(doc, tiling, { title, format });
    onPage?.(1, pages);
    for (const [at, tile] of tiling.tiles.entries()) {
      // Between two pages others get their turn: a print of a hundred papers keeps nobody waiting.
      await new Promise((resolve) => setImmediate(resolve));
      drawTile(tile);
      onPage?.(at + 2, pages);
    }
    doc.end();
  }

  function drawTile(tile: Tile) {
    const { paper, shows } = tiling;
    beginPage(doc, paper).translate(MARGIN_MM, MARGIN_MM);
    doc.save().rect(0, 0, shows.widthMm, shows.heightMm).clip();
    for (const placed of tile.pieces) drawPiece(placed, tile);
    doc.restore();
    drawMarks(tiling);
    doc.fillColor("#000");
    write(`${tile.name} · ${title}`, MARK_MM + 2, 1, TEXT_MM);
    doc.restore();
  }

  function drawPiece(placed: PlacedPiece, { x, y }: Tile) {
    const lines = drawings.get(placed);
    doc.save().translate(placed.by.x - x, placed.by.y - y);
    for (const { name, pieces } of below) {
      const path = pieces.get(placed.piece.id);
      if (path) within(name, () => drawLines([path], UNDER));
    }
    for (const layer of layers)
      within(LAYER_NAMES[layer], () =>
        layer === "text" ? drawWords(placed) : drawLines(lines?.[layer] ?? [], LINES[layer]),
      );
    // Whatever outline is printed ends at its folds.
    const outline = layers.find((layer) => layer === "cut" || layer === "seam");
    if (outline) within(LAYER_NAMES[outline], () => drawLines(lines?.fold ?? [], FOLD));
    doc.undash().restore();
  }

  function drawWords(placed: PlacedPiece) {
    doc.fillColor("#000");
    for (const { text, at, sizeMm } of wordsOf(placed)) write(text, at.x, at.y - sizeMm, sizeMm);
  }

  function drawLines(paths: readonly string[], { wide, dash, tone = "#000" }: LineStyle) {
    doc.lineWidth(wide).strokeColor(tone);
    if (dash) dashed(doc, dash);
    else doc.undash();
    for (const path of paths) doc.path(path).stroke();
  }

  /** Corners of what a tile shows, and where its neighbours begin. */
  function drawMarks({ shows: { widthMm, heightMm } }: Tiling) {
    doc.lineWidth(0.2).strokeColor("#777").rect(0, 0, widthMm, heightMm).stroke();
    for (const x of [OVERLAP_MM, widthMm - OVERLAP_MM])
      for (const [from, to] of [
        [0, MARK_MM],
        [heightMm - MARK_MM, heightMm],
      ] as const)
        doc.moveTo(x, from).lineTo(x, to).stroke();
    for (const y of [OVERLAP_MM, heightMm - OVERLAP_MM])
      for (const [from, to] of [
        [0, MARK_MM],
        [widthMm - MARK_MM, widthMm],
      ] as const)
        doc.moveTo(from, y).lineTo(to, y).stroke();
  }
}
