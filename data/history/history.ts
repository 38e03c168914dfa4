import type { Knex } from "knex";
import type { EditedThing } from "../../core/job/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";
import { type Page, pageOf } from "../lists/index.ts";

/** Everything one action did to a job's record. */
export interface JobEdit {
  readonly id: number;
  /** ISO time. */
  readonly madeAt: string;
  readonly rows: readonly EditedThing[];
  /** The edit that this one took back; null for any other. */
  readonly undoes: number | null;
  /** True where a later edit took it back, and was not taken back itself. */
  readonly undone: boolean;
}

/** The history of jobs: written by the database itself, gathered by action. */
export interface HistoryRepository {
  /** Newest first. */
  ofJob(jobId: number, page: number): Promise<Page<JobEdit>>;
  /**
   * Takes an edit back: every row as it was before. Problems: `edit-unknown`, `edit-overtaken` where something of it
   * was edited since, `edit-closed` where it stands in a closed prototype or something rests on it.
   */
  undo(jobId: number, editId: number): Promise<Result<null>>;
}

/** History over a transaction. */
export function historyRepository(db: Knex): HistoryRepository {
  return {
    async ofJob(jobId, page) {
      const { rows: edits, ...at } = await pageOf<EditRow>(
        () => db("job_edits").where({ job_id: jobId }),
        page,
        (query) => query.orderBy("id", "desc"),
      );
      const rows: RowOfEdit[] = await db("job_edit_rows")
        .whereIn(
          "edit_id",
          edits.map(({ id }) => id),
        )
        .orderBy("id");
      const undoings: EditRow[] = await db("job_edits").where({ job_id: jobId }).whereNotNull("undoes");
      const told = edits.map((edit) => ({
        id: edit.id,
        madeAt: edit.made_at,
        undoes: edit.undoes,
        undone: isUndone(edit.id, undoings),
        rows: rows.filter(({ edit_id }) => edit_id === edit.id).map(rowFrom),
      }));
      return { ...at, rows: told };
    },
    undo: (jobId, editId) => undo(db, jobId, editId),
  };
}

interface EditRow {
  id: number;
  made_at: string;
  undoes: number | null;
}

interface RowOfEdit {
  edit_id: number;
  name: string;
  before: string | null;
  after: string | null;
}

const isUndone = (id: number, undoings: readonly EditRow[]): boolean =>
  undoings.some(({ id: by, undoes }) => undoes === id && !isUndone(by, undoings));

const rowFrom = ({ name, before, after }: RowOfEdit): EditedThing => ({
  table: name,
  before: before === null ? null : JSON.parse(before),
  after: after === null ? null : JSON.parse(after),
});

/** Gathers what the tables wrote down since the last edit into one edit of each job it belongs to. */
export async function gatherEdits(db: Knex, madeAt: string, undoes: number | null = null): Promise<void> {
  const jobs: number[] = await db("job_edit_rows").whereNull("edit_id").distinct("job_id").pluck("job_id");
  for (const job of jobs) {
    const there = await db("jobs").where({ id: job }).first("id");
    if (!there) {
      await db("job_edit_rows").where({ job_id: job }).delete();
      continue;
    }
    const [edit] = await db("job_edits").insert({ job_id: job, made_at: madeAt, undoes });
    await db("job_edit_rows").where({ job_id: job }).whereNull("edit_id").update({ edit_id: edit });
  }
}

/** Columns that name a row, where it is not `id`. */
const KEYS: Readonly<Record<string, readonly string[]>> = {
  sewn_rings: ["prototype_id", "zone", "side"],
  sewn_lengths: ["prototype_id", "length_id"],
  fitting_checks: ["fitting_id", "name"],
  judgements: ["change_id"],
};

/** Tables whose rows carry a version: an undo raises it, so that no open window overwrites it unseen. */
const VERSIONED: readonly string[] = ["jobs", "job_workings", "fittings", "findings", "changes"];

const OVERTAKEN = "Something of it was edited since: take the later edit back first.";
const CLOSED =
  "It stands in a closed prototype, or something later rests on it; write a note to the prototype instead.";

async function undo(db: Knex, jobId: number, editId: number): Promise<Result<null>> {
  const rows: RowOfEdit[] = await db("job_edit_rows").where({ edit_id: editId, job_id: jobId }).orderBy("id", "desc");
  if (rows.length === 0) return fail("edit-unknown", "Expected an edit of this job, but there is none.");
  if (rows.some(({ name }) => name === "annotations")) return fail("edit-closed", "A note to a prototype stays.");
  for (const row of rows.map(rowFrom)) {
    if (!(await stands(db, row))) return fail("edit-overtaken", OVERTAKEN);
    try {
      await turnBack(db, row);
    } catch (cause) {
      // Triggers and references refuse by one code, whatever their sentence.
      if (String((cause as { code?: unknown }).code).startsWith("SQLITE_CONSTRAINT"))
        return fail("edit-closed", CLOSED);
      throw cause;
    }
  }
  return ok(null);
}

const keyOf = ({ table, before, after }: EditedThing): Record<string, unknown> => {
  const row = after ?? before ?? {};
  return Object.fromEntries((KEYS[table] ?? ["id"]).map((column) => [column, row[column]]));
};

/** True where the row still is as the edit left it. */
async function stands(db: Knex, row: EditedThing): Promise<boolean> {
  const now: Record<string, unknown> | undefined = await db(row.table).where(keyOf(row)).first();
  if (row.after === null) return now === undefined;
  return now !== undefined && Object.entries(row.after).every(([column, value]) => now[column] === value);
}

async function turnBack(db: Knex, row: EditedThing): Promise<void> {
  const key = keyOf(row);
  if (row.before === null && row.table === "fitting_photos") {
    // Its bytes stand nowhere else: it is put out of sight, so that this too can be taken back.
    await db(row.table).where(key).update({ removed: 1 });
  } else if (row.before === null) {
    await db(row.table).where(key).delete();
  } else if (row.after === null) {
    await db(row.table).insert(row.before);
  } else {
    const { before, after } = row;
    // Only what the edit changed: naming a frozen column, even with its own value, would be refused.
    const turned = Object.fromEntries(Object.entries(before).filter(([column, value]) => after[column] !== value));
    const version = VERSIONED.includes(row.table) ? { version: db.raw("version + 1") } : {};
    await db(row.table)
      .where(key)
      .update({ ...turned, ...version });
  }
}
