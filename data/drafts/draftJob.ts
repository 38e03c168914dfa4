import type { Knex } from "knex";
import type { DraftOwner } from "../../formats/kept/draftNames.ts";
import { ownerOfDraft } from "./draftOwner.ts";

/** How what a form is about leads to its job. */
const WAYS: Readonly<Partial<Record<DraftOwner, (db: Knex, id: number) => Knex.QueryBuilder>>> = {
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
  const owned = ownerOfDraft(form);
  const way = owned && WAYS[owned.owner];
  if (!way) return null;
  const [row] = await way(db, owned.id);
  return (row as { job?: number } | undefined)?.job ?? null;
}
