import type { Knex } from "knex";
import { type DraftOwner, draftKindsOf } from "../../formats/kept/draftNames.ts";
import { renewKeptPages } from "../db/index.ts";
import { eraseJobs, type UnderJobs, underJobs } from "../jobs/index.ts";

/** What erasing a wearer took away, for the maker to read. */
export interface Erased {
  readonly sheets: number;
  readonly jobs: number;
}

/**
 * Erases a wearer with everything that hangs on them: sheets, jobs, prototypes, fittings, findings, drafts. Run it in
 * a transaction, then {@link finishScrub}.
 */
export async function eraseWearer(db: Knex, wearerId: number): Promise<Erased> {
  await noteErased(db, { wearers: await db("wearers").where({ id: wearerId }).pluck("identity"), jobs: [] });
  const under = await underJobs(db, await db("jobs").where({ wearer_id: wearerId }).pluck("id"));
  const { jobs } = under;
  const liked: number[] = await db("liked_garments").where({ wearer_id: wearerId }).pluck("id");
  const wraps: number[] = await db("body_wraps").where({ wearer_id: wearerId }).pluck("id");
  await dropDrafts(db, { ...ownersUnder(under), wearer: [wearerId], liked, wrap: wraps });
  await db("standing_changes").where({ wearer_id: wearerId }).delete();
  await eraseJobs(db, under);
  await db("body_wraps").where({ wearer_id: wearerId }).delete();
  await db("liked_garments").where({ wearer_id: wearerId }).delete();
  const sheets = await db("sheets").where({ wearer_id: wearerId }).delete();
  await db("wearers").where({ id: wearerId }).delete();
  await askForScrub(db);
  return { sheets, jobs: jobs.length };
}

/**
 * Takes away for good the jobs that were taken off before a time. Run it in a transaction, then {@link finishScrub}.
 * @returns how many there were.
 */
export async function eraseRemovedJobs(db: Knex, before: string): Promise<number> {
  const jobs: number[] = await db("jobs").where("removed_at", "<", before).pluck("id");
  return jobs.length === 0 ? 0 : eraseJobsNow(db, jobs);
}

/** Takes jobs away for good with all that hangs on them. Run it in a transaction, then {@link finishScrub}. @returns how many there were. */
export async function eraseJobsNow(db: Knex, jobs: readonly number[]): Promise<number> {
  await noteErased(db, { wearers: [], jobs: await db("jobs").whereIn("id", jobs).pluck("identity") });
  const under = await underJobs(db, jobs);
  await dropDrafts(db, { ...ownersUnder(under), wearer: [], liked: [], wrap: [] });
  await eraseJobs(db, under);
  await askForScrub(db);
  return jobs.length;
}

const ownersUnder = ({ jobs, prototypes, fittings, findings, changes }: UnderJobs) => ({
  ...{ job: jobs, prototype: prototypes, fitting: fittings, finding: findings, change: changes },
});

async function dropDrafts(db: Knex, owners: Readonly<Record<DraftOwner, readonly number[]>>): Promise<void> {
  for (const owner of Object.keys(owners) as DraftOwner[]) {
    for (const id of owners[owner]) {
      for (const form of draftKindsOf(owner)) {
        await db("drafts").where("form", `${form}:${id}`).orWhere("form", "like", `${form}:${id}:%`).delete();
      }
    }
  }
  // A wearer not yet added may stand half-filled under no id.
  await db("drafts").whereIn("form", draftKindsOf("anybody")).delete();
}

/** Setting that holds what was erased here and still stands in backups. */
const BACKUPS_PENDING = "backupErasures";

/** What was erased here, by identity. */
export interface ErasedHere {
  readonly wearers: readonly string[];
  readonly jobs: readonly string[];
}

const NOTHING: ErasedHere = { wearers: [], jobs: [] };

/** What is still to be erased from backups. */
export async function erasedFromHere(db: Knex): Promise<ErasedHere> {
  const row = await db("settings").where({ name: BACKUPS_PENDING }).first("value");
  return row ? { ...NOTHING, ...(JSON.parse(row.value) as Partial<ErasedHere>) } : NOTHING;
}

/** Notes what backups and browsers are to forget; in the transaction of the erasure, so that nothing can come between. */
async function noteErased(db: Knex, { wearers, jobs }: ErasedHere): Promise<void> {
  const before = await erasedFromHere(db);
  const value = JSON.stringify({ wearers: [...before.wearers, ...wearers], jobs: [...before.jobs, ...jobs] });
  await db("settings").insert({ name: BACKUPS_PENDING, value }).onConflict("name").merge();
  await renewKeptPages(db);
}

/** Backups have forgotten what was noted up to now. */
export async function forgottenByBackups(db: Knex, { wearers, jobs }: ErasedHere): Promise<void> {
  const left = await erasedFromHere(db);
  const without = (all: readonly string[], gone: readonly string[]) => all.filter((one) => !gone.includes(one));
  const value = { wearers: without(left.wearers, wearers), jobs: without(left.jobs, jobs) };
  if (value.wearers.length + value.jobs.length === 0) await db("settings").where({ name: BACKUPS_PENDING }).delete();
  else
    await db("settings")
      .where({ name: BACKUPS_PENDING })
      .update({ value: JSON.stringify(value) });
}

/** Setting that stands while an erasure has left traces in the file or its log. */
const SCRUB_PENDING = "scrubPending";

/** Notes that the file is to be written anew; in the transaction of the erasure, so that nothing can come between. */
const askForScrub = async (db: Knex): Promise<void> => {
  await db("settings").insert({ name: SCRUB_PENDING, value: "yes" }).onConflict("name").merge();
};

/**
 * Writes the file anew without what was erased, and empties the log beside it, where an erasure asked for it: deleted
 * rows are overwritten at once (`secure_delete`), but older pages may still lie in the write-ahead log. Outside of any
 * transaction.
 *
 * @returns false where another program read along, so that the log could not be emptied: it is to be tried again.
 */
export async function finishScrub(db: Knex): Promise<boolean> {
  const pending = await db("settings").where({ name: SCRUB_PENDING }).first("name");
  if (!pending) return true;
  if (!(await emptyLog(db))) return false;
  await db.raw("vacuum");
  if (!(await emptyLog(db))) return false;
  await db("settings").where({ name: SCRUB_PENDING }).delete();
  return true;
}

/** True when every page of the log is in the file, and the log is empty. */
async function emptyLog(db: Knex): Promise<boolean> {
  const [row] = (await db.raw("pragma wal_checkpoint(truncate)")) as { busy: number }[];
  return row?.busy === 0;
}
