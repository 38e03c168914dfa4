import { measureOf, nameOf, type SheetPlace } from "../../core/body/index.ts";
import { INK, MARGIN, type Paper, pdfOf, SOFT } from "./pages.ts";
import { drawTape, PICTURE } from "./tapePicture.ts";

/** What stands on a blank sheet. */
export interface BlankSheet {
  readonly title: string;
  readonly subtitle: string;
  /** Measures in measuring order. */
  readonly places: readonly SheetPlace[];
  readonly paper: Paper;
}

const ROW = 78;

/**
 * A printable blank sheet for use away from the screen: the measures of a job in measuring order, each with its tape
 * on the figure, how it is taken, and room for three takes.
 *
 * @returns the bytes of a PDF.
 */
export function blankSheetPdf(sheet: BlankSheet): Promise<Buffer> {
  return pdfOf(sheet, (doc) => {
    let y = head(doc, sheet);
    for (const place of sheet.places) {
      if (y + ROW > doc.page.height - MARGIN - 14) {
        doc.addPage();
        y = MARGIN;
      }
      row(doc, place, y);
      y += ROW;
    }
  });
}

function head(doc: PDFKit.PDFDocument, { title, subtitle }: BlankSheet): number {
  doc.fillColor(INK).font("Helvetica-Bold").fontSize(18).text(title, MARGIN, MARGIN);
  doc.font("Helvetica").fontSize(10).fillColor(SOFT).text(subtitle);
  doc.moveDown(0.6).fillColor(INK).fontSize(10);
  doc.text("Day ______________    Measured by ______________________    Unit  cm / in    Tape  snug / one finger");
  doc.moveDown(0.5).text("Worn under the tape ____________________    Consent ______________________________________");
  return doc.y + 12;
}

/** Widths of the columns: picture, words, boxes. */
const WORDS_AT = MARGIN + PICTURE.width + 12;
const BOX = { width: 62, height: 26, gap: 6 } as const;

function row(doc: PDFKit.PDFDocument, { code, side }: SheetPlace, y: number): void {
  const measure = measureOf(code);
  const boxesAt = doc.page.width - MARGIN - 3 * BOX.width - 2 * BOX.gap;
  const width = boxesAt - WORDS_AT - 12;
  drawTape(doc, code, side, MARGIN, y);
  doc
    .fillColor(INK)
    .font("Helvetica-Bold")
    .fontSize(11)
    .text(nameOf(code, side), WORDS_AT, y + 4, { width });
  doc.font("Helvetica").fontSize(8.5).fillColor(SOFT);
  doc.text(`${measure.landmarks} ${measure.posture}${measure.helper ? " Needs a helper." : ""}`, WORDS_AT, doc.y + 1, {
    width,
    height: ROW - 24,
    ellipsis: true,
  });
  for (let take = 0; take < 3; take += 1) {
    doc
      .rect(boxesAt + take * (BOX.width + BOX.gap), y + 18, BOX.width, BOX.height)
      .lineWidth(0.8)
      .stroke(SOFT);
  }
  doc
    .moveTo(MARGIN, y + ROW - 4)
    .lineTo(doc.page.width - MARGIN, y + ROW - 4)
    .lineWidth(0.4)
    .stroke("#cfd3d1");
}
