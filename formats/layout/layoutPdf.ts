import type { Point } from "../../core/drafting/index.ts";
import { type Layout, numberedPieces, placedExtent, placedOutline, type Table } from "../../core/layout/index.ts";
import { formatLength, formatLengthWithUnit, type LengthUnit } from "../../core/units/index.ts";
import { INK, MARGIN, type Paper, pageHead, partHead, pdfOf, printable, SOFT } from "../pdf/pages.ts";

/** A layout to lie beside the table. */
export interface PrintedLayout {
  readonly title: string;
  readonly subtitle: string;
  readonly layout: Layout;
  readonly table: Table;
  readonly unit: LengthUnit;
  readonly paper: Paper;
}

/** Height of the picture at most, points; height of a line of the list. */
const [PICTURE_PT, LINE_PT] = [300, 16];

/** Columns of the list, points from the margin. */
const COLUMNS = [0, 34, 200, 310, 420] as const;

/** The layout small, with where each piece lies: from the start of the cloth and from its first edge, to be measured on the table. */
export const layoutPdf = ({ title, subtitle, layout, table, unit, paper }: PrintedLayout): Promise<Buffer> =>
  pdfOf({ title, paper }, (doc) => {
    pageHead(doc, printable(title), printable(subtitle));
    drawPicture(doc, layout, table);
    partHead(doc, "Where each piece lies");
    doc.font("Helvetica").fontSize(9).fillColor(SOFT);
    doc.text(
      `From the start of the cloth along it, and from ${table.folded ? "the fold" : "its first edge"} across. Cut lines; ${formatLengthWithUnit(layout.lengthMm, unit)} in all.`,
      MARGIN,
    );
    doc.moveDown(0.4);
    row(doc, ["No.", "Piece", `Along, ${unit}`, `Across, ${unit}`, "How"], true);
    for (const { number, placed } of numberedPieces(layout.placed)) {
      const { from, to, how } = placedExtent(placed);
      const span = (a: number, b: number) => `${formatLength(a, unit)} to ${formatLength(b, unit)}`;
      row(doc, [String(number), placed.shape.name, span(from.x, to.x), span(from.y, to.y), how], false);
    }
  });

function row(doc: PDFKit.PDFDocument, cells: readonly string[], head: boolean): void {
  if (doc.y > doc.page.height - MARGIN - 2 * LINE_PT) doc.addPage();
  const y = doc.y;
  doc
    .font(head ? "Helvetica-Bold" : "Helvetica")
    .fontSize(10)
    .fillColor(INK);
  for (const [at, cell] of cells.entries())
    doc.text(printable(cell), MARGIN + (COLUMNS[at] ?? 0), y, { lineBreak: false });
  doc.y = y + LINE_PT;
  doc.x = MARGIN;
}

function drawPicture(doc: PDFKit.PDFDocument, { lengthMm, placed }: Layout, { widthMm, folded }: Table): void {
  const room = doc.page.width - 2 * MARGIN;
  const scale = Math.min(room / lengthMm, PICTURE_PT / widthMm);
  const top = doc.y + 6;
  doc
    .save()
    .translate(MARGIN, top)
    .scale(scale)
    .lineWidth(1 / scale)
    .strokeColor(INK);
  doc.rect(0, 0, lengthMm, widthMm).stroke();
  if (folded)
    doc
      .lineWidth(2 / scale)
      .dash(8 / scale, { space: 3 / scale })
      .moveTo(0, 0)
      .lineTo(lengthMm, 0)
      .stroke()
      .undash();
  for (const { number, placed: one } of numberedPieces(placed)) {
    doc
      .lineWidth(0.8 / scale)
      .path(pathOf(placedOutline(one)))
      .stroke(INK);
    doc.lineWidth(0.4 / scale).dash(3 / scale, { space: 2 / scale });
    doc
      .path(pathOf(placedOutline(one, one.shape.seam)))
      .stroke(SOFT)
      .undash();
    const { from, to } = placedExtent(one);
    const size = 9 / scale;
    doc
      .font("Helvetica-Bold")
      .fontSize(size)
      .fillColor(INK)
      .text(String(number), (from.x + to.x) / 2 - size / 2, (from.y + to.y) / 2 - size / 2, { lineBreak: false });
  }
  doc.restore();
  doc.y = top + widthMm * scale + 8;
  doc.x = MARGIN;
}

const pathOf = (places: readonly Point[]): string =>
  `M ${places.map(({ x, y }) => `${x.toFixed(2)} ${y.toFixed(2)}`).join(" L ")} Z`;
