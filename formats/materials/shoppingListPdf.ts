import type { MaterialRow } from "../../core/materials/index.ts";
import { INK, MARGIN, type Paper, pageHead, pdfOf, printable, SOFT } from "../pdf/pages.ts";

/** What is bought, on paper. */
export interface ShoppingList {
  readonly title: string;
  readonly subtitle: string;
  readonly rows: readonly MaterialRow[];
  readonly paper: Paper;
}

/** Height of a line, size of its box, points. */
const [LINE_PT, BOX_PT] = [30, 12];

/** What is to buy with a box to tick; what the shelf has is told too, so that it is taken along. */
export const shoppingListPdf = ({ title, subtitle, rows, paper }: ShoppingList): Promise<Buffer> =>
  pdfOf({ title, paper }, (doc) => {
    pageHead(doc, printable(title), printable(subtitle));
    for (const row of rows) oneLine(doc, row);
  });

function oneLine(doc: PDFKit.PDFDocument, { name, what, unit, need, there, buy }: MaterialRow): void {
  if (doc.y > doc.page.height - MARGIN - LINE_PT) doc.addPage();
  const y = doc.y + 3;
  doc.rect(MARGIN, y, BOX_PT, BOX_PT).lineWidth(1).stroke(INK);
  const words = unit === "m" ? "m" : "pieces";
  const bought = buy.result.value > 0 ? `buy ${told(buy.result.value)} ${words}` : "all on the shelf";
  doc.font("Helvetica-Bold").fontSize(12).fillColor(INK);
  doc.text(printable(`${name}: ${bought}`), MARGIN + 22, y, { width: doc.page.width - 2 * MARGIN - 22 });
  doc.font("Helvetica").fontSize(9.5).fillColor(SOFT);
  const shelf = there === null ? "not on the shelf" : `${told(there)} ${words} on the shelf`;
  doc.text(printable(`${what}; ${told(need)} ${words} needed, ${shelf}`));
  doc.moveDown(0.4);
}

const told = (value: number): string => String(Math.round(value * 100) / 100);
