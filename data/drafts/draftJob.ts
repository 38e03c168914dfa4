import type { Knex } from "knex";
import { DRAFT_KINDS, type DraftKind } from "../../formats/kept/draftNames.ts";

/** How what a form is about leads to its job. */
const WAYS: Readonly<Partial<Record<(typeof DRAFT_KINDS)[DraftKind], (db: Knex, id: number) => Knex.QueryBuilder>>> = {
  job: (db, id) => db("jobs").where({ id }).select({ job: "id" }),
  prototype: (db, id) => db("prototypes").where({ id }).select({ job: "job_id" }),
  fitting: (db, id) => fittings(db).where("fittings.id", id),
  finding: (db, id) => fittings(db).join("findings", "findings.fitting_id", "fittings.id").where("findings.id", id),
  change: (db, id) => db("changes").where({ id }).select({ job: "job_id" }),
};

const fittings = (db: Knex) =>
  db("fittings").join("prototypes", "prototypes.id", "fittings.prototype_id").select({ job: "prototypes.job_id" });

/** The job a half-filled form is about, by the name of the form; null where it is about none. */
export async function jobOfDraft(db: Knex, form: string): Promise<number | null> {
  const [kind = "", idText = ""] = form.split(":");
  const owner = Object.hasOwn(DRAFT_KINDS, kind) ? DRAFT_KINDS[kind as DraftKind] : null;
  const way = owner && WAYS[owner];
  if (!way || !/^\d+$/.test(idText)) return null;
  const [row] = await way(db, Number(idText));
  return (row as { job?: number } | undefined)?.job ?? null;
}
