import type { Knex } from "knex";
import type { Change, Finding, Fitting, Judgement, Reading } from "../core/fitting/fitting.ts";
import type { OutcomeOfKind } from "../core/fitting/learnShare.ts";
import { PROTOTYPE_KINDS } from "../core/fitting/prototype.ts";
import {
  type ChangeRow,
  changeFrom,
  changeIn,
  type FindingRow,
  type FittingRow,
  findingFrom,
  fittingFrom,
  JUDGED_COLUMNS,
  type JudgedFindingRow,
  judgementIn,
  type ReadingRow,
  readingFrom,
} from "./fittingRows.ts";
import { insertRow, type SaveOutcome, updateVersion } from "./saving.ts";

/** What is written down of a finding when it is put on the figure. */
export type NewFinding = Omit<Finding, "id" | "version" | "change" | "judgement">;

/** What is written down of a reading. */
export type NewReading = Omit<Reading, "id"> & { readonly fittingId: number };

/** A decision about a finding: `version` 0 for the first, else the version it starts from. */
export type DecidedOn = Omit<Change, "id" | "cutInto">;

/** Fittings with their readings, findings, changes and judgements. Removed findings can be brought back. */
export interface FittingRepository {
  /** In the order they took place. */
  ofPrototypes(prototypeIds: readonly number[]): Promise<Fitting[]>;
  add(fitting: Pick<Fitting, "prototypeId" | "fittedOn" | "on" | "notes">): Promise<number>;
  addFinding(finding: NewFinding): Promise<number>;
  saveFinding(finding: NewFinding & { id: number; version: number }): Promise<SaveOutcome<Finding>>;
  /** Takes a finding off, or brings it back. False when its change is already cut into a prototype. */
  setFindingRemoved(id: number, removed: boolean): Promise<boolean>;
  addReading(reading: NewReading): Promise<number>;
  setReadingRemoved(id: number, removed: boolean): Promise<void>;
  /** The job a finding or a reading belongs to, removed ones included; null where there is none. */
  jobOf(what: "finding" | "reading", id: number): Promise<number | null>;
  /** Writes the maker's decision; refused when it was decided meanwhile or is already cut. */
  decide(decision: DecidedOn): Promise<SaveOutcome<Change>>;
  /** Takes a decision back; false when the change is already cut into a prototype. */
  withdraw(findingId: number, version: number): Promise<boolean>;
  judge(findingId: number, judgement: Judgement): Promise<void>;
  /**
   * What the workshop's changes did, newest first, in prototypes of the real cloth whose usable stretch lies in a range.
   * Amounts as worn.
   */
  outcomesIn(usable: { readonly from: number; readonly to: number }): Promise<OutcomeOfKind[]>;
}

/** Fittings over a connection or a transaction. */
export function fittingRepository(db: Knex): FittingRepository {
  return {
    ofPrototypes: (ids) => read(db, ids),
    add: ({ prototypeId, fittedOn, on, notes }) =>
      insertRow(db, "fittings", { prototype_id: prototypeId, fitted_on: fittedOn, worn_by: on, notes }),
    addFinding: (finding) => insertRow(db, "findings", findingColumns(finding)),
    async saveFinding(finding) {
      if (!(await isCut(db, finding.id)) && (await updateVersion(db, "findings", finding, findingColumns(finding)))) {
        return { saved: true, value: { ...finding, version: finding.version + 1, change: null, judgement: null } };
      }
      const row: FindingRow | undefined = await db("findings").where({ id: finding.id }).first();
      return { saved: false, theirs: row ? findingFrom(row, null, null) : null };
    },
    async setFindingRemoved(id, removed) {
      if (await isCut(db, id)) return false;
      await db("findings")
        .where({ id })
        .update({ removed: removed ? 1 : 0 });
      return true;
    },
    addReading: ({ fittingId, zone, kind, text, newtons, heightMm, note }) =>
      insertRow(db, "readings", { fitting_id: fittingId, zone, kind, typed: text, newtons, height_mm: heightMm, note }),
    setReadingRemoved: async (id, removed) => {
      await db("readings")
        .where({ id })
        .update({ removed: removed ? 1 : 0 });
    },
    async jobOf(what, id) {
      const row = await db(`${what}s as thing`)
        .join("fittings", "fittings.id", "thing.fitting_id")
        .join("prototypes", "prototypes.id", "fittings.prototype_id")
        .where("thing.id", id)
        .first("prototypes.job_id");
      return row?.job_id ?? null;
    },
    decide: (decision) => decide(db, decision),
    async withdraw(findingId, version) {
      const gone = await db("changes").where({ finding_id: findingId, version }).whereNull("cut_into").delete();
      return gone === 1;
    },
    judge: async (findingId, { fittingId, residualMm, verdict, note }) => {
      await db("judgements")
        .insert({ finding_id: findingId, fitting_id: fittingId, residual_mm: residualMm, verdict, note })
        .onConflict("finding_id")
        .merge();
    },
    outcomesIn: (usable) => outcomesIn(db, usable),
  };
}

/** Outcomes looked at: the newest say most about how the workshop works now. */
const OUTCOMES_READ = 1000;

async function outcomesIn(
  db: Knex,
  { from, to }: { readonly from: number; readonly to: number },
): Promise<OutcomeOfKind[]> {
  const usable = "json_extract(p.frozen, '$.stretch.usable')";
  const rows: { kind: Finding["kind"]; amount_mm: number; share: number; residual_mm: number }[] = await db(
    "judgements as j",
  )
    .join("findings as f", "f.id", "j.finding_id")
    .join("changes as c", "c.finding_id", "f.id")
    .join("fittings as t", "t.id", "f.fitting_id")
    .join("prototypes as p", "p.id", "t.prototype_id")
    .where("f.removed", 0)
    .whereNotNull("c.amount_mm")
    .whereIn("p.kind", REAL_KINDS)
    .whereRaw(`${usable} >= ?`, [from])
    .modify((query) => {
      if (Number.isFinite(to)) query.whereRaw(`${usable} < ?`, [to]);
    })
    .orderBy("j.finding_id", "desc")
    .limit(OUTCOMES_READ)
    .select("f.kind", "f.amount_mm", "c.share", "j.residual_mm");
  // A share is of what was read on the body, so share times amount is what was done, as worn.
  return rows.map(({ kind, amount_mm, share, residual_mm }) => ({
    kind,
    amountMm: amount_mm,
    doneMm: share * amount_mm,
    residualMm: residual_mm,
  }));
}

const REAL_KINDS = PROTOTYPE_KINDS.filter(({ realCloth }) => realCloth).map(({ id }) => id);

const findingColumns = (finding: NewFinding) => ({
  fitting_id: finding.fittingId,
  kind: finding.kind,
  zone: finding.zone,
  side: finding.side,
  view: finding.view,
  x: finding.x,
  y: finding.y,
  typed: finding.amountText,
  amount_mm: finding.amountMm,
  folded: finding.folded ? 1 : 0,
  note: finding.note,
});

async function isCut(db: Knex, findingId: number): Promise<boolean> {
  const row = await db("changes").where({ finding_id: findingId }).whereNotNull("cut_into").first("id");
  return row !== undefined;
}

async function decide(db: Knex, { findingId, version, ...decided }: DecidedOn): Promise<SaveOutcome<Change>> {
  const columns = {
    decision: decided.decision,
    share: decided.share,
    proposed_mm: decided.proposedMm,
    amount_mm: decided.amountMm,
    seams: decided.seams,
    reason: decided.reason,
  };
  const before: ChangeRow | undefined = await db("changes").where({ finding_id: findingId }).first();
  if (!before && version === 0) {
    const id = await insertRow(db, "changes", { finding_id: findingId, ...columns });
    return { saved: true, value: { id, findingId, ...decided, cutInto: null, version: 1 } };
  }
  if (!before) return { saved: false, theirs: null };
  const open = before.cut_into === null && before.version === version;
  if (open && (await updateVersion(db, "changes", { id: before.id, version }, columns))) {
    return { saved: true, value: { id: before.id, findingId, ...decided, cutInto: null, version: version + 1 } };
  }
  return { saved: false, theirs: changeFrom(before) };
}

async function read(db: Knex, prototypeIds: readonly number[]): Promise<Fitting[]> {
  const fittings: FittingRow[] = await db("fittings").whereIn("prototype_id", prototypeIds).orderBy("id");
  const fittingIds = fittings.map(({ id }) => id);
  const findings: JudgedFindingRow[] = await db("findings as f")
    .leftJoin("changes as c", "c.finding_id", "f.id")
    .leftJoin("judgements as j", "j.finding_id", "f.id")
    .whereIn("f.fitting_id", fittingIds)
    .where("f.removed", 0)
    .orderBy("f.id")
    .select("f.*", JUDGED_COLUMNS);
  const readings: ReadingRow[] = await db("readings")
    .whereIn("fitting_id", fittingIds)
    .where({ removed: 0 })
    .orderBy("id");
  return fittings.map((row) =>
    fittingFrom(row, {
      findings: findings
        .filter(({ fitting_id }) => fitting_id === row.id)
        .map((finding) => findingFrom(finding, changeIn(finding), judgementIn(finding))),
      readings: readings.filter(({ fitting_id }) => fitting_id === row.id).map(readingFrom),
    }),
  );
}
