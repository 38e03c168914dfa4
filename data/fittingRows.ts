import type { Change, Finding, Fitting, Judgement, Reading } from "../core/fitting/fitting.ts";

/** Rows of the fitting tables as the driver gives them, and how each becomes a domain object. */
export interface FittingRow {
  id: number;
  prototype_id: number;
  fitted_on: string;
  worn_by: Fitting["on"];
  notes: string;
  version: number;
}

export interface FindingRow {
  id: number;
  fitting_id: number;
  kind: Finding["kind"];
  zone: Finding["zone"];
  side: Finding["side"];
  view: Finding["view"];
  x: number;
  y: number;
  typed: string;
  amount_mm: number;
  folded: number;
  note: string;
  version: number;
}

export interface ReadingRow {
  id: number;
  fitting_id: number;
  zone: Reading["zone"];
  kind: Reading["kind"];
  typed: string;
  newtons: number;
  height_mm: number | null;
  note: string;
}

export interface ChangeRow {
  id: number;
  finding_id: number;
  decision: Change["decision"];
  share: number;
  proposed_mm: number;
  amount_mm: number | null;
  seams: number;
  reason: string;
  cut_into: number | null;
  version: number;
}

/** A finding beside its change and its judgement, each all null where there is none. */
export interface JudgedFindingRow extends FindingRow {
  change_id: number | null;
  decision: Change["decision"];
  share: number;
  proposed_mm: number;
  change_mm: number | null;
  seams: number;
  reason: string;
  cut_into: number | null;
  change_version: number;
  judged_at: number | null;
  residual_mm: number;
  verdict: Judgement["verdict"];
  judgement_note: string;
}

/** Columns of the change and the judgement of a finding under their own names: changes as `c`, judgements as `j`. */
export const JUDGED_COLUMNS = {
  change_id: "c.id",
  decision: "c.decision",
  share: "c.share",
  proposed_mm: "c.proposed_mm",
  change_mm: "c.amount_mm",
  seams: "c.seams",
  reason: "c.reason",
  cut_into: "c.cut_into",
  change_version: "c.version",
  judged_at: "j.fitting_id",
  residual_mm: "j.residual_mm",
  verdict: "j.verdict",
  judgement_note: "j.note",
} as const;

export const fittingFrom = (row: FittingRow, inside: Pick<Fitting, "findings" | "readings">): Fitting => ({
  id: row.id,
  prototypeId: row.prototype_id,
  fittedOn: row.fitted_on,
  on: row.worn_by,
  notes: row.notes,
  version: row.version,
  ...inside,
});

export const findingFrom = (row: FindingRow, change: Change | null, judgement: Judgement | null): Finding => ({
  id: row.id,
  fittingId: row.fitting_id,
  kind: row.kind,
  zone: row.zone,
  side: row.side,
  view: row.view,
  x: row.x,
  y: row.y,
  amountMm: row.amount_mm,
  amountText: row.typed,
  folded: row.folded === 1,
  note: row.note,
  version: row.version,
  change,
  judgement,
});

export const readingFrom = (row: ReadingRow): Reading => ({
  id: row.id,
  zone: row.zone,
  kind: row.kind,
  newtons: row.newtons,
  text: row.typed,
  heightMm: row.height_mm,
  note: row.note,
});

export const changeFrom = (row: ChangeRow): Change => ({
  id: row.id,
  findingId: row.finding_id,
  decision: row.decision,
  share: row.share,
  proposedMm: row.proposed_mm,
  amountMm: row.amount_mm,
  seams: row.seams,
  reason: row.reason,
  cutInto: row.cut_into,
  version: row.version,
});

export const changeIn = (row: JudgedFindingRow): Change | null =>
  row.change_id === null
    ? null
    : changeFrom({
        ...row,
        id: row.change_id,
        finding_id: row.id,
        amount_mm: row.change_mm,
        version: row.change_version,
      });

export const judgementIn = (row: JudgedFindingRow): Judgement | null =>
  row.judged_at === null
    ? null
    : { fittingId: row.judged_at, residualMm: row.residual_mm, verdict: row.verdict, note: row.judgement_note };
