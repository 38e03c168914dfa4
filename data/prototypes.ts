import type { Knex } from "knex";
import type { FrozenPlan, Prototype, SewnRing } from "../core/fitting/prototype.ts";
import { insertRow, type SaveOutcome, updateVersion } from "./saving.ts";

interface PrototypeRow {
  id: number;
  job_id: number;
  number: number;
  kind: Prototype["kind"];
  started_on: string;
  frozen: string;
  version: number;
}

interface SewnRow {
  prototype_id: number;
  zone: SewnRing["zone"];
  side: SewnRing["side"];
  typed: string;
  sewn_mm: number;
}

/** Prototypes of jobs, with the girths as sewn. The frozen plan is written once. */
export interface PrototypeRepository {
  /** In order of their numbers. */
  ofJob(jobId: number): Promise<Prototype[]>;
  find(jobId: number, number: number): Promise<Prototype | null>;
  /**
   * Starts the next prototype of a job: freezes the plan and marks the changes it carries as cut.
   * @returns its number, or null when somebody else has started that number meanwhile.
   */
  start(prototype: Omit<Prototype, "id" | "sewn" | "version">): Promise<number | null>;
  /** Replaces the girths as sewn. */
  saveSewn(prototype: Prototype, sewn: readonly SewnRing[]): Promise<SaveOutcome<Prototype>>;
}

/** Prototypes over a transaction (start and saveSewn write several rows). */
export function prototypeRepository(db: Knex): PrototypeRepository {
  const find = async (jobId: number, number: number) => {
    const rows: PrototypeRow[] = await db("prototypes").where({ job_id: jobId, number });
    return (await withSewn(db, rows))[0] ?? null;
  };
  return {
    async ofJob(jobId) {
      return withSewn(db, await db("prototypes").where({ job_id: jobId }).orderBy("number"));
    },
    find,
    start: (prototype) => start(db, prototype),
    async saveSewn(prototype, sewn) {
      if (!(await updateVersion(db, "prototypes", prototype, {}))) {
        return { saved: false, theirs: await find(prototype.jobId, prototype.number) };
      }
      await db("sewn_rings").where({ prototype_id: prototype.id }).delete();
      const rows = sewn.map(({ zone, side, text, sewnMm }) => ({
        prototype_id: prototype.id,
        zone,
        side,
        typed: text,
        sewn_mm: sewnMm,
      }));
      if (rows.length > 0) await db("sewn_rings").insert(rows);
      return { saved: true, value: { ...prototype, sewn, version: prototype.version + 1 } };
    },
  };
}

async function start(db: Knex, prototype: Omit<Prototype, "id" | "sewn" | "version">): Promise<number | null> {
  const { jobId, number, kind, startedOn, frozen } = prototype;
  const taken = await db("prototypes").where({ job_id: jobId }).max({ highest: "number" }).first();
  if (Number(taken?.highest ?? 0) !== number - 1) return null;
  await insertRow(db, "prototypes", {
    job_id: jobId,
    number,
    kind,
    started_on: startedOn,
    frozen: JSON.stringify(frozen),
  });
  const carried = frozen.changes.map(({ changeId }) => changeId);
  await db("changes").whereIn("id", carried).whereNull("cut_into").update({ cut_into: number });
  return number;
}

async function withSewn(db: Knex, rows: readonly PrototypeRow[]): Promise<Prototype[]> {
  const sewn: SewnRow[] = await db("sewn_rings").whereIn(
    "prototype_id",
    rows.map(({ id }) => id),
  );
  return rows.map((row) => ({
    id: row.id,
    jobId: row.job_id,
    number: row.number,
    kind: row.kind,
    startedOn: row.started_on,
    frozen: JSON.parse(row.frozen) as FrozenPlan,
    sewn: sewn
      .filter(({ prototype_id }) => prototype_id === row.id)
      .map(({ zone, side, typed, sewn_mm }) => ({ zone, side, text: typed, sewnMm: sewn_mm })),
    version: row.version,
  }));
}
