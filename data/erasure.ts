import type { Knex } from "knex";
import { type DraftOwner, draftKindsOf } from "./draftNames.ts";

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
  const jobs: number[] = await db("jobs").where({ wearer_id: wearerId }).pluck("id");
  const prototypes: number[] = await db("prototypes").whereIn("job_id", jobs).pluck("id");
  const fittings: number[] = await db("fittings").whereIn("prototype_id", prototypes).pluck("id");
  const liked: number[] = await db("liked_garments").where({ wearer_id: wearerId }).pluck("id");
  const wraps: number[] = await db("body_wraps").where({ wearer_id: wearerId }).pluck("id");
  const findings: number[] = await db("findings").whereIn("fitting_id", fittings).pluck("id");
  const changes: number[] = await db("changes").whereIn("job_id", jobs).pluck("id");
  const owners = {
    ...{ wearer: [wearerId], job: jobs, prototype: prototypes, fitting: fittings, finding: findings },
    ...{ liked, wrap: wraps, change: changes },
  };
  await dropDrafts(db, owners);
  await db("judgements").whereIn("change_id", changes).delete();
  await db("standing_changes").where({ wearer_id: wearerId }).delete();
  await db("changes").whereIn("id", changes).delete();
  await db("fitting_photos").whereIn("fitting_id", fittings).delete();
  await db("fitting_checks").whereIn("fitting_id", fittings).delete();
  await db("findings").whereIn("id", findings).delete();
  await db("readings").whereIn("fitting_id", fittings).delete();
  await db("fittings").whereIn("id", fittings).delete();
  await db("sewn_lengths").whereIn("prototype_id", prototypes).delete();
  await db("sewn_rings").whereIn("prototype_id", prototypes).delete();
  await db("annotations").whereIn("prototype_id", prototypes).delete();
  await db("prototypes").whereIn("id", prototypes).delete();
  await db("job_workings").whereIn("job_id", jobs).delete();
  await db("job_edit_rows").whereIn("job_id", jobs).delete();
  await db("job_edits").whereIn("job_id", jobs).update({ undoes: null });
  await db("job_edits").whereIn("job_id", jobs).delete();
  await db("jobs").whereIn("id", jobs).delete();
  // The deletions themselves were written down too.
  await db("job_edit_rows").whereIn("job_id", jobs).delete();
  await db("body_wraps").where({ wearer_id: wearerId }).delete();
  await db("liked_garments").where({ wearer_id: wearerId }).delete();
  const sheets = await db("sheets").where({ wearer_id: wearerId }).delete();
  await db("wearers").where({ id: wearerId }).delete();
  await askForScrub(db);
  return { sheets, jobs: jobs.length };
}

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
