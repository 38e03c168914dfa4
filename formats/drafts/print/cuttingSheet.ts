import PDFDocument from "pdfkit";
import type { Draft } from "../../../core/drafting/index.ts";
import { linesOf } from "../layers.ts";
import { type PlacedPiece, sheetFitting } from "../sheet.ts";
import { beginPage, dashed, writer } from "./page.ts";
import { MARGIN_MM } from "./papers.ts";

/** An A4 lying on its long side, mm; what is drawn takes its upper part, the list the rest. */
const PAPER = { widthMm: 297, heightMm: 210 };
const DRAWN = { fromMm: 24, heightMm: 112 };

/** Height of a line of the list and of its words, mm. */
const [LINE_MM, TEXT_MM] = [5.4, 3.2];

/** How a fold is broken on paper, mm. */
const FOLD_DASH_MM = [4, 1, 0.6, 1];

/** A name begins this far right of the grain line, on paper, mm; width of a letter over its height. */
const [BESIDE_GRAIN_MM, LETTER] = [1.5, 0.6];

/** Columns of the list: where each begins, mm from the left margin, and what it says. */
const COLUMNS: readonly {
  readonly head: string;
  readonly at: number;
  readonly of: (placed: PlacedPiece, called: (id: string) => string) => string;
}[] = [
  { head: "Piece", at: 0, of: ({ piece }) => piece.name },
  { head: "Cut", at: 70, of: ({ piece: { count, mirrored } }) => `${count}${mirrored ? ", half turned over" : ""}` },
  { head: "Fold", at: 105, of: ({ piece }) => (piece.onFold ? "on the fold" : "–") },
  { head: "Cloth", at: 135, of: ({ piece }) => piece.role },
  {
    head: "Width × height, mm",
    at: 165,
    of: ({ box }) => `${(box.to.x - box.from.x).toFixed(0)} × ${(box.to.y - box.from.y).toFixed(0)}`,
  },
  {
    head: "Changes with",
    at: 215,
    of: ({ piece }, called) =>
      [...piece.links, piece.takenFrom?.piece ?? ""].filter(Boolean).map(called).join(", ") || "–",
  },
];

/**
 * All pieces on one page at a small scale, with what is cut of each: to be pinned up beside the table.
 * @returns the PDF as a stream.
 */
export function cuttingSheetPdf(draft: Draft, { title }: { readonly title: string }): NodeJS.ReadableStream {
  const doc = new PDFDocument({ autoFirstPage: false, info: { Title: title } });
  beginPage(doc, PAPER).translate(MARGIN_MM, 0).fillColor("#000").strokeColor("#000");
  const room = PAPER.widthMm - 2 * MARGIN_MM;
  const sheet = sheetFitting(draft, room / DRAWN.heightMm);
  const scale = Math.min(room / sheet.widthMm, DRAWN.heightMm / sheet.heightMm);
  const text = writer(doc);
  text(title, 0, MARGIN_MM, 5.5);
  text(`Small, one to ${(1 / scale).toFixed(1)}: not to be cut from.`, 0, MARGIN_MM + 7, TEXT_MM);
  doc.save().translate(0, DRAWN.fromMm).scale(scale);
  for (const placed of sheet.placed) drawSmall(doc, placed, scale);
  doc.restore();
  drawList(doc, sheet.placed, room);
  doc.restore();
  doc.end();
  return doc as NodeJS.ReadableStream;
}

function drawSmall(doc: PDFKit.PDFDocument, placed: PlacedPiece, scale: number): void {
  const { piece, by, box } = placed;
  const { cut, fold, marking } = linesOf(placed);
  doc
    .save()
    .translate(by.x, by.y)
    .lineWidth(0.25 / scale);
  for (const path of cut) doc.path(path).stroke();
  dashed(
    doc,
    FOLD_DASH_MM.map((mm) => mm / scale),
  );
  for (const path of fold) doc.path(path).stroke();
  doc.undash().lineWidth(0.12 / scale);
  for (const path of marking) doc.path(path).stroke();
  const x = piece.grain.from.x + BESIDE_GRAIN_MM / scale;
  const size = Math.min(TEXT_MM / scale, (box.to.x - x) / (LETTER * piece.name.length));
  writer(doc)(piece.name, x, (piece.grain.from.y + piece.grain.to.y) / 2, size);
  doc.restore();
}

function drawList(doc: PDFKit.PDFDocument, placed: readonly PlacedPiece[], roomMm: number): void {
  const text = writer(doc);
  let y = DRAWN.fromMm + DRAWN.heightMm + 4;
  const called = (id: string) => placed.find(({ piece }) => piece.id === id)?.piece.name.toLowerCase() ?? id;
  // However many pieces there are, the page is one: their lines close up.
  const line = Math.min(LINE_MM, (PAPER.heightMm - MARGIN_MM - y) / (placed.length + 1));
  for (const { head, at } of COLUMNS) text(head, at, y, TEXT_MM * Math.min(1, line / LINE_MM));
  for (const one of placed) {
    y += line;
    doc
      .lineWidth(0.1)
      .moveTo(0, y - 1)
      .lineTo(roomMm, y - 1)
      .stroke();
    for (const { at, of } of COLUMNS) text(of(one, called), at, y, TEXT_MM * Math.min(1, line / LINE_MM));
  }
}
