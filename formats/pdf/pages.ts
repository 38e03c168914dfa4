import PDFDocument from "pdfkit";

/** Papers that are printed on. */
export type Paper = "A4" | "LETTER";

/** Margin of every page, points. */
export const MARGIN = 36;

/** Inks of print: text, and what stands back. */
export const INK = "#221b24";
export const SOFT = "#5b535e";

/** Draws a document with numbered pages. @returns the bytes of a PDF. */
export function pdfOf(
  { title, paper }: { readonly title: string; readonly paper: Paper },
  draw: (doc: PDFKit.PDFDocument) => void,
): Promise<Buffer> {
  const doc = new PDFDocument({ size: paper, margin: MARGIN, info: { Title: title }, bufferPages: true });
  const chunks: Buffer[] = [];
  doc.on("data", (chunk: Buffer) => chunks.push(chunk));
  const finished = new Promise<Buffer>((resolve, reject) => {
    doc.on("end", () => resolve(Buffer.concat(chunks)));
    doc.on("error", reject);
  });
  draw(doc);
  numberPages(doc, title);
  doc.end();
  return finished;
}

/** A heading with a line below it. */
export function pageHead(doc: PDFKit.PDFDocument, title: string, subtitle: string): void {
  doc.fillColor(INK).font("Helvetica-Bold").fontSize(18).text(title, MARGIN, MARGIN);
  doc.font("Helvetica").fontSize(10).fillColor(SOFT).text(subtitle);
  doc.moveDown(0.8).fillColor(INK);
}

/** A heading between parts; starts a new page where not even a few lines would follow it. */
export function partHead(doc: PDFKit.PDFDocument, title: string, size = 13): void {
  if (doc.y > doc.page.height - MARGIN - 90) doc.addPage();
  doc.moveDown(0.6).font("Helvetica-Bold").fontSize(size).fillColor(INK).text(title, MARGIN).moveDown(0.2);
}

/** The standard fonts know no typographic minus; written as a dash they would turn into another sign. */
export const printable = (text: string): string =>
  text.replaceAll("−", "-").replaceAll("ε", "strain").replaceAll("“", '"').replaceAll("”", '"');

function numberPages(doc: PDFKit.PDFDocument, title: string): void {
  const { start, count } = doc.bufferedPageRange();
  for (let page = start; page < start + count; page += 1) {
    doc.switchToPage(page);
    doc.font("Helvetica").fontSize(8).fillColor(SOFT);
    doc.text(printable(`${title} · page ${page + 1} of ${count}`), MARGIN, doc.page.height - MARGIN - 8, {
      lineBreak: false,
    });
  }
}
