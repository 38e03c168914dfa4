import type { Change, CheckResult, Finding, Fitting, Judgement, Reading } from "../../core/fitting/index.ts";
import { readDetail, readLinked, readParts, readTraced } from "../../formats/kept/columns.ts";
import { readColumn } from "../db/index.ts";

/** Rows of the fitting tables as the driver gives them, and how each becomes a domain object. */
export interface FittingRow {
  id: number;
  prototype_id: number;
  fitted_on: string;
  worn_by: Fitting["on"];
  way: Fitting["way"];
  worn_over: string;
  notes: string;
  version: number;
}

export interface FindingRow {
  id: number;
  fitting_id: number;
  kind: Finding["kind"];
  spot: Finding["spot"];
  zone: Finding["zone"];
  side: Finding["side"];
  view: Finding["view"];
  x: number;
  y: number;
  typed: string;
  amount_mm: number | null;
  folded: number;
  detail: string;
  note: string;
  version: number;
}

export interface ReadingRow {
  id: number;
  fitting_id: number;
  zone: Reading["zone"];
  kind: Reading["kind"];
  side: Reading["side"];
  typed: string;
  newtons: number | null;
  height_mm: number | null;
  elastics_n: number | null;
  lift_mm: number | null;
  note: string;
}

export interface CheckRow {
  fitting_id: number;
  name: CheckResult["check"];
  outcome: CheckResult["outcome"];
  note: string;
}

export interface ChangeRow {
  id: number;
  job_id: number;
  finding_id: number | null;
  decision: Change["decision"];
  acts_on: Change["on"];
  remedy: string;
  spot: Change["spot"];
  zone: Change["zone"];
  side: Change["side"];
  length_id: string;
  pieces: string;
  line: string;
  blend: string;
  parts: string;
  traced: string | null;
  strain: number | null;
  share: number | null;
  proposed_mm: number | null;
  amount_mm: number | null;
  seams: number;
  linked: string;
  unticked_reason: string;
  waits_for: string;
  reason: string;
  cut_into: number | null;
  version: number;
}

export interface JudgementRow {
  change_id: number;
  fitting_id: number;
  residual_mm: number | null;
  verdict: Judgement["verdict"];
  note: string;
}

export const fittingFrom = (row: FittingRow, inside: Pick<Fitting, "findings" | "readings" | "checks">): Fitting => ({
  id: row.id,
  prototypeId: row.prototype_id,
  fittedOn: row.fitted_on,
  on: row.worn_by,
  way: row.way,
  over: row.worn_over,
  notes: row.notes,
  version: row.version,
  ...inside,
});

export const findingFrom = (row: FindingRow, beside: Pick<Finding, "change" | "judgement" | "photos">): Finding => ({
  id: row.id,
  fittingId: row.fitting_id,
  kind: row.kind,
  spot: row.spot,
  zone: row.zone,
  side: row.side,
  view: row.view,
  x: row.x,
  y: row.y,
  amountMm: row.amount_mm,
  amountText: row.typed,
  folded: row.folded === 1,
  detail: readColumn(readDetail, row.detail),
  note: row.note,
  version: row.version,
  ...beside,
});

export const readingFrom = (row: ReadingRow): Reading => ({
  id: row.id,
  zone: row.zone,
  kind: row.kind,
  side: row.side,
  newtons: row.newtons,
  text: row.typed,
  heightMm: row.height_mm,
  elasticsN: row.elastics_n,
  liftMm: row.lift_mm,
  note: row.note,
});

export const checkFrom = ({ name, outcome, note }: CheckRow): CheckResult => ({ check: name, outcome, note });

export const changeFrom = (row: ChangeRow): Change => ({
  id: row.id,
  findingId: row.finding_id,
  decision: row.decision,
  on: row.acts_on,
  remedy: row.remedy,
  spot: row.spot,
  zone: row.zone,
  side: row.side,
  lengthId: row.length_id,
  pieces: row.pieces,
  line: row.line,
  blend: row.blend,
  parts: readColumn(readParts, row.parts),
  ...(row.traced === null ? {} : { traced: readColumn(readTraced, row.traced) }),
  strain: row.strain,
  share: row.share,
  proposedMm: row.proposed_mm,
  amountMm: row.amount_mm,
  seams: row.seams,
  linked: readColumn(readLinked, row.linked),
  untickedReason: row.unticked_reason,
  waitsFor: row.waits_for,
  reason: row.reason,
  cutInto: row.cut_into,
  version: row.version,
});

export const judgementFrom = (row: JudgementRow): Judgement => ({
  fittingId: row.fitting_id,
  residualMm: row.residual_mm,
  verdict: row.verdict,
  note: row.note,
});

/** Columns of a change beside its job and its finding. */
export const changeColumns = (change: Omit<Change, "id" | "findingId" | "cutInto" | "version">) => ({
  decision: change.decision,
  acts_on: change.on,
  remedy: change.remedy,
  spot: change.spot,
  zone: change.zone,
  side: change.side,
  length_id: change.lengthId,
  pieces: change.pieces,
  line: change.line,
  blend: change.blend,
  parts: JSON.stringify(change.parts),
  traced: change.traced ? JSON.stringify(change.traced) : null,
  strain: change.strain,
  share: change.share,
  proposed_mm: change.proposedMm,
  amount_mm: change.amountMm,
  seams: change.seams,
  linked: JSON.stringify(change.linked),
  unticked_reason: change.untickedReason,
  waits_for: change.waitsFor,
  reason: change.reason,
});
