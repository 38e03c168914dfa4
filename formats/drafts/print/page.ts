import { POINTS_PER_MM } from "./points.ts";

/** Begins a page of a size and draws on it in mm; `restore` ends that. */
export const beginPage = (
  doc: PDFKit.PDFDocument,
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
): PDFKit.PDFDocument =>
  doc
    .addPage({ size: [widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM], margin: 0 })
    .save()
    .scale(POINTS_PER_MM);

/** Writes a line of words: their upper left corner and their height, mm. */
export const writer =
  (doc: PDFKit.PDFDocument) =>
  (words: string, x: number, y: number, sizeMm: number): PDFKit.PDFDocument =>
    doc.fontSize(sizeMm).text(words, x, y, { lineBreak: false });

/** Breaks the lines that follow: drawn and left out by turns, mm. The library takes such a list; its types know of one length alone. */
export const dashed = (doc: PDFKit.PDFDocument, lengths: readonly number[]): PDFKit.PDFDocument =>
  doc.dash([...lengths] as unknown as number, {});
