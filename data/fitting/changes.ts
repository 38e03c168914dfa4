import type { Knex } from "knex";
import type { Change, Judgement, LinkedLine, OwnChange } from "../../core/fitting/index.ts";
import { insertRow, type SaveOutcome, updateVersion } from "../db/index.ts";
import { type ChangeRow, changeColumns, changeFrom, type JudgementRow, judgementFrom } from "./fittingRows.ts";

/** A change as it is decided: `version` 0 for the first word, else the version it starts from. */
export type ChangeToKeep = Omit<Change, "id" | "cutInto">;

/** Changes of jobs: those findings led to, and the maker's own. */
export interface ChangeRepository {
  /** The maker's own changes of a job, each with what it did. */
  ownOfJob(jobId: number): Promise<OwnChange[]>;
  /** What was decided of a job's elastics, taken and not refused or put off. */
  elasticsOfJob(jobId: number): Promise<Change[]>;
  /** Writes the maker's word on a finding; refused when it was decided meanwhile or is already cut. */
  decide(jobId: number, decision: ChangeToKeep): Promise<SaveOutcome<Change>>;
  /** Adds a change that no finding asked for. */
  addOwn(jobId: number, change: ChangeToKeep): Promise<number>;
  /** Takes a decision or an own change back; false when it is already cut into a prototype, or was edited meanwhile. */
  withdraw(jobId: number, id: number, version: number): Promise<boolean>;
  /** Ticks the linked pieces, with the reason why some may stay unticked. */
  saveLinked(
    jobId: number,
    change: { readonly id: number; readonly version: number },
    linked: readonly LinkedLine[],
    untickedReason: string,
  ): Promise<boolean>;
  judge(changeId: number, judgement: Judgement): Promise<void>;
}

/** Changes over a connection or a transaction. */
export function changeRepository(db: Knex): ChangeRepository {
  return {
    async ownOfJob(jobId) {
      const rows: ChangeRow[] = await db("changes").where({ job_id: jobId }).whereNull("finding_id").orderBy("id");
      const judged = await judgementsOf(
        db,
        rows.map(({ id }) => id),
      );
      return rows.map((row) => ({ change: changeFrom(row), judgement: judged.get(row.id) ?? null }));
    },
    elasticsOfJob: async (jobId) =>
      (
        await db("changes")
          .where({ job_id: jobId, acts_on: "elastic" })
          .whereIn("decision", ["accepted", "altered", "own"])
          .whereNotNull("amount_mm")
          .orderBy("id")
      ).map(changeFrom),
    decide: (jobId, decision) => decide(db, jobId, decision),
    addOwn: (jobId, change) => insertRow(db, "changes", { job_id: jobId, ...changeColumns(change) }),
    async withdraw(jobId, id, version) {
      const gone = await db("changes").where({ id, job_id: jobId, version }).whereNull("cut_into").delete();
      return gone === 1;
    },
    async saveLinked(jobId, { id, version }, linked, untickedReason) {
      const there = await db("changes").where({ id, job_id: jobId }).whereNull("cut_into").first("id");
      if (!there) return false;
      const columns = { linked: JSON.stringify(linked), unticked_reason: untickedReason };
      return updateVersion(db, "changes", { id, version }, columns);
    },
    judge: async (changeId, { fittingId, residualMm, verdict, note }) => {
      await db("judgements")
        .insert({ change_id: changeId, fitting_id: fittingId, residual_mm: residualMm, verdict, note })
        .onConflict("change_id")
        .merge();
    },
  };
}

/** Judgements by the id of their change. */
export async function judgementsOf(db: Knex, changeIds: readonly number[]): Promise<Map<number, Judgement>> {
  const rows: JudgementRow[] = await db("judgements").whereIn("change_id", changeIds);
  return new Map(rows.map((row) => [row.change_id, judgementFrom(row)]));
}

async function decide(
  db: Knex,
  jobId: number,
  { findingId, version, ...decided }: ChangeToKeep,
): Promise<SaveOutcome<Change>> {
  const columns = changeColumns(decided);
  const before: ChangeRow | undefined = await db("changes").where({ finding_id: findingId }).first();
  const saved = (id: number): SaveOutcome<Change> => ({
    saved: true,
    value: { id, findingId, ...decided, cutInto: null, version: version + 1 },
  });
  if (!before && version === 0) {
    return saved(await insertRow(db, "changes", { job_id: jobId, finding_id: findingId, ...columns }));
  }
  if (!before) return { saved: false, theirs: null };
  const open = before.cut_into === null && before.version === version;
  if (open && (await updateVersion(db, "changes", { id: before.id, version }, columns))) return saved(before.id);
  return { saved: false, theirs: changeFrom(before) };
}
