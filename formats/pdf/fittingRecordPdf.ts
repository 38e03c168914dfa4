import { type Fitting, judgedGirthMm, PROTOTYPE_KINDS, type Prototype, ringName } from "../../core/fitting/index.ts";
import {
  formatAmount,
  formatDay,
  formatDifference,
  formatLengthWithUnit,
  type InchStep,
  type LengthUnit,
} from "../../core/units/index.ts";
import { type FittingRecord, type RecordLine, recordLines } from "../job/fittingRecord.ts";
import { INK, MARGIN, type Paper, pageHead, partHead, pdfOf, printable, SOFT } from "./pages.ts";

/** How a record is written. */
export interface RecordLook {
  readonly unit: LengthUnit;
  /** Parts an inch is divided into. */
  readonly inchStep: InchStep;
  readonly paper: Paper;
}

/** The fitting record of a job to keep on paper: each prototype with its girths, each fitting with all it found. */
export const fittingRecordPdf = (record: FittingRecord, look: RecordLook): Promise<Buffer> =>
  pdfOf({ title: `Fitting record: ${record.jobName}`, paper: look.paper }, (doc) => {
    const workshop = record.workshop ? ` ${record.workshop}.` : "";
    pageHead(doc, printable(`Fitting record: ${record.jobName}`), printable(`For ${record.wearerName}.${workshop}`));
    for (const prototype of record.prototypes) {
      partHead(doc, `Prototype ${prototype.number}`, 15);
      line(
        doc,
        `Started ${formatDay(prototype.startedOn)}, ${PROTOTYPE_KINDS.find(({ id }) => id === prototype.kind)?.name}.`,
      );
      line(doc, girthWords(prototype, look));
      const fittings = record.fittings.filter(({ prototypeId }) => prototypeId === prototype.id);
      for (const fitting of fittings) fittingPart(doc, { record, fitting, look });
      for (const { writtenOn, text } of prototype.annotations) line(doc, `Note of ${formatDay(writtenOn)}: ${text}`);
    }
  });

interface FittingPart {
  readonly record: FittingRecord;
  readonly fitting: Fitting;
  readonly look: RecordLook;
}

function fittingPart(doc: PDFKit.PDFDocument, { record, fitting, look }: FittingPart): void {
  partHead(doc, `Fitting of ${formatDay(fitting.fittedOn)}`, 12);
  if (fitting.on === "form") line(doc, "On a form: does not breathe.", true);
  const worn = `Worn ${fitting.way === "insideOut" ? "inside out" : "right side out"}${fitting.over ? `, over ${fitting.over}` : ""}.`;
  line(doc, `${worn}${fitting.notes ? ` ${fitting.notes}` : ""}`);
  const lines = recordLines({ prototypes: record.prototypes, fittings: [fitting] });
  for (const one of lines) line(doc, `· ${lineWords(one, look)}`);
  if (lines.length === 0) line(doc, "Nothing was put down.");
}

function line(doc: PDFKit.PDFDocument, text: string, strong = false): void {
  if (doc.y > doc.page.height - MARGIN - 40) doc.addPage();
  doc
    .font(strong ? "Helvetica-Bold" : "Helvetica")
    .fontSize(10.5)
    .fillColor(strong ? INK : SOFT)
    .text(printable(text), MARGIN, doc.y, { width: doc.page.width - 2 * MARGIN });
}

const girthWords = (prototype: Prototype, { unit, inchStep }: RecordLook): string =>
  prototype.frozen.rings
    .map((ring) => {
      const judged = judgedGirthMm(prototype, ring);
      const sewn = judged?.basis === "sewn" ? `, sewn ${formatLengthWithUnit(judged.girthMm, unit, inchStep)}` : "";
      return `${ringName(ring)}: planned ${formatLengthWithUnit(ring.nowMm, unit, inchStep)}${sewn}`;
    })
    .join("; ");

function lineWords(of: RecordLine, { unit }: RecordLook): string {
  const where = [of.where, of.side === "both" ? "" : of.side].filter((words) => words !== "").join(", ");
  const read = of.readMm !== null ? formatAmount(of.readMm, unit) : of.readN !== null ? `${of.readN} N` : "";
  const change = of.changeMm === null ? of.done : `${formatDifference(of.changeMm, unit)}, ${of.done}`;
  const parts = [
    `${of.seen}${where ? ` (${where})` : ""}${read ? ` ${read}` : ""}`,
    of.detail,
    of.decision ? `${of.decision}${change ? `: ${change}` : ""}` : "",
    of.cutInto === null ? "" : `cut into ${of.cutInto}`,
    of.verdict,
    of.leftMm === null || of.leftMm === 0 ? "" : `${formatDifference(of.leftMm, unit)} left`,
    of.note,
  ];
  return parts.filter((words) => words !== "").join("; ");
}
