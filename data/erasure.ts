import type { Knex } from "knex";

/** What erasing a wearer took away, for the maker to read. */
export interface Erased {
  readonly sheets: number;
  readonly jobs: number;
}

/**
 * Erases a wearer with everything that hangs on them: sheets, jobs, prototypes, fittings, findings, drafts. Run it in
 * a transaction, then {@link scrub} the file.
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
  return { sheets, jobs: jobs.length };
}

type Owner = "wearer" | "job" | "prototype" | "fitting" | "finding" | "liked" | "wrap" | "change";

/** Names of the forms whose drafts belong to each thing; the id stands behind the first colon. */
const DRAFTS_OF: Readonly<Record<Owner, readonly string[]>> = {
  wearer: ["wearer", "sheet", "job-new", "sheet-import", "liked-new", "wrap-new"],
  liked: ["liked"],
  wrap: ["wrap"],
  job: ["job", "prototype-new", "sewn", "points", "working", "own-change", "sign-off", "annotation"],
  prototype: ["fitting-new"],
  fitting: ["finding", "reading", "fitting-head"],
  finding: ["decision", "finding-edit"],
  change: ["judgement"],
};

async function dropDrafts(db: Knex, owners: Readonly<Record<Owner, readonly number[]>>): Promise<void> {
  for (const owner of Object.keys(DRAFTS_OF) as Owner[]) {
    for (const id of owners[owner]) {
      for (const form of DRAFTS_OF[owner]) {
        await db("drafts").where("form", `${form}:${id}`).orWhere("form", "like", `${form}:${id}:%`).delete();
      }
    }
  }
  // A wearer not yet added may stand half-filled under no id.
  await db("drafts").where({ form: "wearer-new" }).delete();
}

/**
 * Writes the file anew without what was erased, and empties the log beside it: deleted rows are overwritten at once
 * (`secure_delete`), but older pages may still lie in the write-ahead log. Outside of any transaction.
 */
export async function scrub(db: Knex): Promise<void> {
  await db.raw("pragma wal_checkpoint(truncate)");
  await db.raw("vacuum");
  await db.raw("pragma wal_checkpoint(truncate)");
}
