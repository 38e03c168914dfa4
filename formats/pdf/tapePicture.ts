import type { MeasureCode, Side } from "../../core/body/index.ts";
import {
  ARM_PATHS,
  FIELD,
  HAIR,
  HEAD_PATH,
  OUTLINES,
  SIDE_HAIR,
  SIDE_HEAD_PATH,
  SIDE_PATH,
  TAPE_VIEWS,
  type TapePath,
  type TapeView,
  TRUNK_PATH,
  tapeWays,
} from "../../core/figure/index.ts";

/** Room of one picture, points. */
export const PICTURE = { width: 62, height: 72 } as const;

const LINE = "#5b535e";
const SKIN = "#f4efec";
const HAIR_TONE = "#ddd2d2";
const TAPE = "#6f2450";

/** Part of the field shown in each view: the whole figure, or the chest close up. */
const SHOWN: Readonly<Record<TapeView, { readonly width: number; readonly height: number }>> = {
  front: FIELD,
  back: FIELD,
  side: FIELD,
  breast: { width: 220, height: 170 },
};

/** Draws the figure with the tape of a measure, in the view that shows it best. */
export function drawTape(doc: PDFKit.PDFDocument, code: MeasureCode, side: Side, x: number, y: number): void {
  const ways = tapeWays(code, side);
  const view = TAPE_VIEWS.find((known) => ways[known]);
  const tape = view ? ways[view] : undefined;
  if (!view || !tape) return;
  const shown = SHOWN[view];
  const scale = Math.min(PICTURE.width / shown.width, PICTURE.height / shown.height);
  doc
    .save()
    .translate(x + (PICTURE.width - shown.width * scale) / 2, y)
    .scale(scale);
  // The legs run out of the field: on paper they end at its edge.
  doc.rect(0, 0, shown.width, shown.height).clip();
  drawBody(doc, view);
  drawLine(doc, view, tape);
  doc.restore();
}

function drawBody(doc: PDFKit.PDFDocument, view: TapeView): void {
  doc.lineWidth(2.2);
  if (view === "breast") {
    for (const out of [1, -1]) {
      doc
        .path(
          `M ${110 + 12 * out} 104 C ${110 + 22 * out} 124 ${110 + 36 * out} 129 ${110 + 46 * out} 129 C ${110 + 58 * out} 129 ${110 + 76 * out} 122 ${110 + 82 * out} 100`,
        )
        .stroke(LINE);
      doc.circle(110 + 46 * out, 88, 3).stroke(LINE);
    }
    return;
  }
  const side = view === "side";
  for (const path of side ? [] : [...ARM_PATHS, TRUNK_PATH]) doc.path(path).fill(SKIN);
  if (side) doc.path(SIDE_PATH).fillAndStroke(SKIN, LINE);
  for (const path of side ? [] : OUTLINES) doc.path(path).stroke(LINE);
  doc.path(side ? SIDE_HEAD_PATH : HEAD_PATH).fillAndStroke(SKIN, LINE);
  for (const path of side ? SIDE_HAIR : HAIR[view]) doc.path(path).fill(HAIR_TONE);
}

function drawLine(doc: PDFKit.PDFDocument, view: TapeView, tape: TapePath): void {
  doc.save();
  if (!tape.free && view !== "breast") doc.path(view === "side" ? SIDE_PATH : TRUNK_PATH).clip();
  doc.path(tape.path).lineWidth(7).stroke(TAPE);
  doc.restore();
}
