import { asideWords, type CuttingLine, type CuttingPiece, DOING_WORDS } from "../../core/fitting/index.ts";
import { formatAmount, type LengthUnit } from "../../core/units/index.ts";
import { INK, MARGIN, type Paper, pageHead, partHead, pdfOf, printable, SOFT } from "./pages.ts";

/** What stands on a printed cutting table. */
export interface CuttingSheet {
  readonly title: string;
  readonly subtitle: string;
  readonly table: readonly CuttingPiece[];
  readonly unit: LengthUnit;
  readonly paper: Paper;
}

/** The cutting table to lie beside the cloth: large, with a box to tick for every line and every linked piece. */
export const cuttingTablePdf = (sheet: CuttingSheet): Promise<Buffer> =>
  pdfOf(sheet, (doc) => {
    pageHead(doc, printable(sheet.title), printable(sheet.subtitle));
    for (const { piece, lines } of sheet.table) {
      partHead(doc, printable(piece.slice(0, 1).toUpperCase() + piece.slice(1)), 16);
      for (const line of lines) oneLine(doc, line, piece, sheet.unit);
    }
  });

/** Room a line is given before it goes to the next page, points. */
const LINE_ROOM = 70;

function oneLine(doc: PDFKit.PDFDocument, line: CuttingLine, piece: string, unit: LengthUnit): void {
  if (doc.y > doc.page.height - MARGIN - LINE_ROOM) doc.addPage();
  const y = doc.y + 3;
  doc.rect(MARGIN, y, 12, 12).lineWidth(1).stroke(INK);
  const at = MARGIN + 22;
  const width = doc.page.width - MARGIN - at;
  doc
    .fillColor(INK)
    .font("Helvetica-Bold")
    .fontSize(14)
    .text(printable(orderWords(line, unit)), at, y, { width });
  doc
    .font("Helvetica")
    .fontSize(10.5)
    .fillColor(SOFT)
    .text(printable(asideWords(line, { unit })), { width });
  for (const { piece: linked, ticked } of line.change.linked) {
    if (!linked.startsWith(`${piece}: `)) continue;
    const below = doc.y + 2;
    doc.rect(at, below, 8, 8).lineWidth(0.8).stroke(INK);
    if (ticked)
      doc
        .moveTo(at + 1.5, below + 4)
        .lineTo(at + 3.5, below + 6.5)
        .lineTo(at + 7, below + 1.5)
        .stroke(INK);
    doc
      .fillColor(INK)
      .fontSize(10.5)
      .text(printable(`${linked.slice(piece.length + 2)}, the same`), at + 14, below - 1);
  }
  doc.moveDown(0.5);
}

function orderWords({ amountMm, edges, doing, line: of, where, change }: CuttingLine, unit: LengthUnit): string {
  const line = where ? `${of} ${where}` : of;
  const side = change.side === "both" ? "" : `, ${change.side} only`;
  if (amountMm === null) return `${line}${side}`;
  const each = edges > 1 ? ` at each of ${edges} edges` : "";
  return `${DOING_WORDS[doing]} ${formatAmount(Math.abs(amountMm), unit)}${each}: ${line}${side}`;
}
