import type { Knex } from "knex";

/** Everything under some jobs, by id. */
export interface UnderJobs {
  readonly jobs: readonly number[];
  readonly prototypes: readonly number[];
  readonly fittings: readonly number[];
  readonly findings: readonly number[];
  readonly changes: readonly number[];
}

/** Looks up what stands under some jobs. */
export async function underJobs(db: Knex, jobs: readonly number[]): Promise<UnderJobs> {
  const prototypes: number[] = await db("prototypes").whereIn("job_id", jobs).pluck("id");
  const fittings: number[] = await db("fittings").whereIn("prototype_id", prototypes).pluck("id");
  const findings: number[] = await db("findings").whereIn("fitting_id", fittings).pluck("id");
  const changes: number[] = await db("changes").whereIn("job_id", jobs).pluck("id");
  return { jobs, prototypes, fittings, findings, changes };
}

/** Deletes jobs with all that stands under them, their history too; drafts are dropped by whoever asks. */
export async function eraseJobs(db: Knex, under: UnderJobs): Promise<void> {
  const { jobs, prototypes, fittings, findings, changes } = under;
  await db("judgements").whereIn("change_id", changes).delete();
  await db("changes").whereIn("id", changes).delete();
  await db("fitting_photos").whereIn("fitting_id", fittings).delete();
  await db("fitting_checks").whereIn("fitting_id", fittings).delete();
  await db("findings").whereIn("id", findings).delete();
  await db("readings").whereIn("fitting_id", fittings).delete();
  await db("fittings").whereIn("id", fittings).delete();
  await db("prototype_pieces").whereIn("prototype_id", prototypes).delete();
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
}
