import { closedPath } from "../../../core/drafting/index.ts";
import { beginPage, writer } from "./page.ts";
import { MARGIN_MM, type PieceFormat } from "./papers.ts";
import type { Tiling } from "./tiles.ts";

/** The squares that tell whether a print has its true size, mm. */
export const TEST_SQUARES = [
  { mm: 100, name: "100 mm" },
  { mm: 101.6, name: "4 in" },
] as const;

/** Paper of the map where the pieces go on a roll or a large sheet: what an office prints. */
const OFFICE = { widthMm: 210, heightMm: 297 };

/** Room of the map beside the squares, mm. */
const MAP = { x: 120, y: 30, widthMm: 80, heightMm: 220 };

/** The first page: a map of the papers, and two squares to be measured before anything is cut. */
export function drawMap(
  doc: PDFKit.PDFDocument,
  tiling: Tiling,
  { title, format }: { readonly title: string; readonly format: PieceFormat },
): void {
  const paper = format.heightMm !== null && format.widthMm < 300 ? tiling.paper : OFFICE;
  beginPage(doc, paper).fillColor("#000").strokeColor("#000");
  const text = writer(doc);
  text(title, MARGIN_MM, MARGIN_MM, 6);
  text(`${format.name}: ${tiling.tiles.length} of ${tiling.columns} × ${tiling.rows} papers`, MARGIN_MM, 18, 3.6);
  let y = 30;
  for (const { mm, name } of TEST_SQUARES) {
    doc.lineWidth(0.3).rect(MARGIN_MM, y, mm, mm).stroke();
    text(name, MARGIN_MM + 3, y + 3, 5);
    text("Measure before you cut: print at 100 %.", MARGIN_MM + 3, y + 10, 3.4);
    y += mm + 8;
  }
  drawPapers(doc, tiling, Math.min(MAP.widthMm, paper.widthMm - MAP.x - MARGIN_MM));
  doc.restore();
}

/** Every paper with its name, and the pieces over them, small. */
function drawPapers(doc: PDFKit.PDFDocument, { sheet, shows, tiles }: Tiling, widthMm: number): void {
  const right = Math.max(sheet.widthMm, ...tiles.map(({ x }) => x + shows.widthMm));
  const low = Math.max(sheet.heightMm, ...tiles.map(({ y }) => y + shows.heightMm));
  const scale = Math.min(widthMm / right, MAP.heightMm / low);
  doc.save().translate(MAP.x, MAP.y).scale(scale);
  for (const { name, x, y } of tiles) {
    doc
      .lineWidth(0.2 / scale)
      .strokeColor("#777")
      .rect(x, y, shows.widthMm, shows.heightMm)
      .stroke();
    doc
      .fillColor("#777")
      .fontSize(3 / scale)
      .text(name, x + 1 / scale, y + 1 / scale, { lineBreak: false });
  }
  for (const { cut, by } of sheet.placed) {
    doc.save().translate(by.x, by.y);
    doc
      .lineWidth(0.3 / scale)
      .strokeColor("#000")
      .path(closedPath(cut))
      .stroke();
    doc.restore();
  }
  doc.restore();
}
