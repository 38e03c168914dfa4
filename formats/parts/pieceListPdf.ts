import type { PieceRow } from "../../core/parts/index.ts";
import { type LengthUnit, lengthsInText } from "../../core/units/index.ts";
import { INK, MARGIN, type Paper, pageHead, partHead, pdfOf, printable, SOFT } from "../pdf/pages.ts";

/** The list of a garment's pieces, to be ticked on paper. */
export interface PrintedPieces {
  readonly title: string;
  readonly subtitle: string;
  readonly rows: readonly PieceRow[];
  readonly cut: readonly string[];
  readonly lines: readonly string[];
  readonly checks: readonly string[];
  readonly unit: LengthUnit;
  readonly paper: Paper;
}

/** Room a piece is given before it goes to the next page, points; size of its box. */
const [ROW_PT, BOX_PT] = [44, 13];

/** The pieces of a garment with a box to tick beside each, large enough to be read from the table. */
export const pieceListPdf = ({
  title,
  subtitle,
  rows,
  cut,
  lines,
  checks,
  unit,
  paper,
}: PrintedPieces): Promise<Buffer> =>
  pdfOf({ title, paper }, (doc) => {
    pageHead(doc, printable(title), printable(subtitle));
    for (const row of rows) onePiece(doc, row, cut.includes(row.id), unit);
    words(doc, "Lines to cut where a piece has several", lines);
    words(doc, "For the first fitting", checks);
  });

function onePiece(doc: PDFKit.PDFDocument, row: PieceRow, isCut: boolean, unit: LengthUnit): void {
  if (doc.y > doc.page.height - MARGIN - ROW_PT) doc.addPage();
  const y = doc.y + 4;
  doc.rect(MARGIN, y, BOX_PT, BOX_PT).lineWidth(1).stroke(INK);
  if (isCut)
    doc
      .moveTo(MARGIN + 3, y + 7)
      .lineTo(MARGIN + 6, y + 10)
      .lineTo(MARGIN + 11, y + 3)
      .stroke(INK);
  const at = MARGIN + 24;
  const width = doc.page.width - MARGIN - at;
  doc.fillColor(INK).font("Helvetica-Bold").fontSize(13);
  doc.text(printable(`${row.count} × ${row.name}, ${row.how}`), at, y, { width });
  const links = row.links.length > 0 ? ` Changes with ${row.links.join(", ")}.` : "";
  doc.font("Helvetica").fontSize(10).fillColor(SOFT);
  doc.text(printable(`${row.cloth}. ${lengthsInText(row.allowances, unit)}.${links}`), at, doc.y + 1, { width });
  for (const advice of row.advice) doc.text(printable(advice), { width });
  doc.moveDown(0.4);
}

function words(doc: PDFKit.PDFDocument, head: string, all: readonly string[]): void {
  if (all.length === 0) return;
  partHead(doc, head);
  doc.font("Helvetica").fontSize(10.5).fillColor(INK);
  for (const one of all) doc.text(printable(`• ${one}`), MARGIN);
}
