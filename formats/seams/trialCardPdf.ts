import {
  GAVE_WORDS,
  LOOK_WORDS,
  perCent,
  setupWords,
  stitchOf,
  type TrialRead,
  VERDICT_WORDS,
} from "../../core/seams/index.ts";
import { formatDay } from "../../core/units/index.ts";
import { INK, MARGIN, type Paper, pageHead, partHead, pdfOf, printable, SOFT } from "../pdf/pages.ts";

/** A trial to print. */
export interface PrintedTrial {
  readonly title: string;
  readonly read: TrialRead;
  /** Null while the job has no cloth. */
  readonly clothName: string | null;
  readonly paper: Paper;
}

/** Stitches drawn on a card, points for a millimetre of them, room for the scrap in points. */
const [COUNT, SCALE, SCRAP_PT] = [8, 9, 150];

/** A card a trial: its set-up as it is read at the machine, what it did, and room for the scrap. */
export const trialCardPdf = ({ title, read, clothName, paper }: PrintedTrial): Promise<Buffer> =>
  pdfOf({ title, paper }, (doc) => {
    const { trial } = read;
    pageHead(doc, printable(title), printable(`Sewn on ${formatDay(trial.on)}${clothName ? `, ${clothName}` : ""}.`));
    partHead(doc, "Set-up");
    lines(doc, setupWords(trial.setup));
    drawing(doc, read);
    partHead(doc, "Pulled");
    lines(doc, resultWords(read));
    partHead(doc, "The scrap");
    doc
      .rect(MARGIN, doc.y + 4, doc.page.width - 2 * MARGIN, SCRAP_PT)
      .dash(3, { space: 3 })
      .stroke(SOFT)
      .undash();
  });

function resultWords({ trial, stretch, needed, verdict, changes, told, advice }: TrialRead): string[] {
  const against = needed === null ? "" : `, ${perCent(needed)} are needed`;
  return [
    `${trial.gaugeMm} mm went to ${trial.lengthMm} mm: ${perCent(stretch)}${against}${verdict ? `: ${VERDICT_WORDS[verdict]}` : ""}.`,
    `Gave: ${GAVE_WORDS[trial.gave]}. Looks ${LOOK_WORDS[trial.look]}.`,
    // The letters of a printed page have no arrow.
    ...(changes.length > 0 ? [`Changed: ${changes.map(({ words }) => words.replaceAll("→", "to")).join("; ")}.`] : []),
    ...(told ? [told] : []),
    ...(advice ? [advice.reason] : []),
    ...(trial.notes ? [trial.notes] : []),
  ];
}

function lines(doc: PDFKit.PDFDocument, all: readonly string[]): void {
  doc.font("Helvetica").fontSize(11).fillColor(INK);
  for (const one of all) doc.text(printable(one), MARGIN, doc.y + 2);
  doc.moveDown(0.6);
}

function drawing(doc: PDFKit.PDFDocument, { trial: { setup } }: TrialRead): void {
  const widthMm = setup.widthMm ?? 0;
  const half = (Math.max(2, widthMm) / 2 + 1) * SCALE;
  const middle = doc.y + half;
  for (const { under, points } of stitchOf(setup.stitch).drawn({ lengthMm: setup.lengthMm, widthMm }, COUNT)) {
    points.forEach(({ x, y }, at) => {
      if (at === 0) doc.moveTo(MARGIN + x * SCALE, middle + y * SCALE);
      else doc.lineTo(MARGIN + x * SCALE, middle + y * SCALE);
    });
    doc.lineWidth(under ? 0.7 : 1.4).stroke(under ? SOFT : INK);
  }
  doc.y = middle + half;
}
