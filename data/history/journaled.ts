import type { Knex } from "knex";
import { journal } from "./journal.ts";

/** A table whose edits are written down, and what of it is not. */
interface JournaledTable {
  /** SQL for the job of a row; `row` stands for new or old. */
  readonly job: string;
  /** Columns that are no edit of the maker's, each with the reason. All others are written down. */
  readonly leftOut: Readonly<Record<string, string>>;
}

const OF_FITTING =
  "(select p.job_id from fittings t join prototypes p on p.id = t.prototype_id where t.id = row.fitting_id)";
const OF_PROTOTYPE = "(select p.job_id from prototypes p where p.id = row.prototype_id)";
const VERSION = { version: "raised by every save, an undo too" };

/** Every table of a job's record. A new one is a line here; a new column needs none. */
export const JOURNALED: Readonly<Record<string, JournaledTable>> = {
  jobs: {
    job: "row.id",
    leftOut: {
      ...VERSION,
      identity: "never changes",
      removed_at: "a job that was taken off is brought back whole, on a screen of its own",
    },
  },
  job_workings: { job: "row.job_id", leftOut: VERSION },
  prototypes: {
    job: "row.job_id",
    leftOut: { ...VERSION, frozen: "never changes", usable: "stands in the frozen plan" },
  },
  prototype_pieces: { job: OF_PROTOTYPE, leftOut: { content: "never changes", format: "never changes" } },
  sewn_rings: { job: OF_PROTOTYPE, leftOut: {} },
  sewn_lengths: { job: OF_PROTOTYPE, leftOut: {} },
  annotations: { job: OF_PROTOTYPE, leftOut: {} },
  fittings: { job: OF_PROTOTYPE, leftOut: VERSION },
  fitting_photos: { job: OF_FITTING, leftOut: { bytes: "a photo is never edited, only taken off" } },
  fitting_checks: { job: OF_FITTING, leftOut: {} },
  readings: { job: OF_FITTING, leftOut: {} },
  findings: { job: OF_FITTING, leftOut: VERSION },
  changes: { job: "row.job_id", leftOut: VERSION },
  judgements: { job: "(select job_id from changes where id = row.change_id)", leftOut: {} },
};

/** The columns of a table that are written down, as the table has them now. */
export async function journaledColumns(db: Knex, table: string): Promise<string[]> {
  const columns = ((await db.raw(`pragma table_info(${table})`)) as { name: string }[]).map(({ name }) => name);
  const leftOut = JOURNALED[table]?.leftOut ?? {};
  const gone = Object.keys(leftOut).filter((name) => !columns.includes(name));
  if (gone.length > 0) throw new Error(`${table} has no ${gone.join(", ")} to leave out of its journal.`);
  return columns.filter((name) => !Object.hasOwn(leftOut, name));
}

/**
 * Makes the triggers of the journal from the tables as they are, where they are others: a column that a migration adds is
 * written down from the next start on, without anybody thinking of it. Returns the tables whose triggers were made anew.
 */
export async function renewJournal(db: Knex): Promise<string[]> {
  const renewed: string[] = [];
  await db.transaction(async (all) => {
    const there = new Map(
      (await all("sqlite_master").where({ type: "trigger" }).select("name", "sql")).map(({ name, sql }) => [name, sql]),
    );
    for (const [table, { job }] of Object.entries(JOURNALED)) {
      const wanted = journal(table, { job, columns: await journaledColumns(all, table) });
      if (wanted.every((sql) => bodyOf(there.get(triggerOf(sql)) ?? "") === bodyOf(sql))) continue;
      for (const sql of wanted) {
        await all.raw(`drop trigger if exists ${triggerOf(sql)}`);
        await all.raw(sql);
      }
      renewed.push(table);
    }
  });
  return renewed;
}

/** The name in a statement that creates a trigger. */
const triggerOf = (sql: string): string => /^create trigger (\w+)/.exec(sql)?.[1] ?? "";

/** A trigger without its first words, which SQLite keeps in its own spelling. */
const bodyOf = (sql: string): string => sql.replace(/^create trigger\s+/i, "");
