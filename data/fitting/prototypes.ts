import type { Knex } from "knex";
import type { Annotation, FrozenPlan, Prototype, SewnLength, SewnRing } from "../../core/fitting/index.ts";
import { readKeptFrozen } from "../../formats/kept/keptFrozen.ts";
import { insertAll, insertRow, parse, type SaveOutcome, updateVersion, wholeOf } from "../db/index.ts";

interface PrototypeRow {
  id: number;
  job_id: number;
  number: number;
  kind: Prototype["kind"];
  started_on: string;
  frozen: string;
  closed_on: string | null;
  version: number;
}

interface AnnotationRow {
  id: number;
  prototype_id: number;
  written_on: string;
  content: string;
}

interface SewnRow {
  prototype_id: number;
  zone: SewnRing["zone"];
  side: SewnRing["side"];
  typed: string;
  sewn_mm: number;
}

interface SewnLengthRow {
  prototype_id: number;
  length_id: string;
  typed: string;
  sewn_mm: number;
}

/** Girths and lengths of a sewn garment. */
export type AsSewn = Pick<Prototype, "sewn" | "sewnLengths">;

/** A prototype as it is started. */
export type NewPrototype = Pick<Prototype, "jobId" | "number" | "kind" | "startedOn" | "frozen">;

/** Prototypes of jobs, with girths and lengths as sewn. The frozen plan is written once. */
export interface PrototypeRepository {
  /** In order of their numbers. */
  ofJob(jobId: number): Promise<Prototype[]>;
  find(jobId: number, number: number): Promise<Prototype | null>;
  /** Number and frozen plan of a job's last prototype; null while there is none. */
  lastFrozen(jobId: number): Promise<Pick<Prototype, "number" | "frozen"> | null>;
  /**
   * Starts the next prototype of a job: freezes the plan and marks the changes it carries as cut.
   * @returns its number, or null when somebody else has started that number meanwhile.
   */
  start(prototype: NewPrototype): Promise<number | null>;
  /** Closes every prototype of a job that is still open: from then on they are only annotated. */
  closeAll(jobId: number, closedOn: string): Promise<void>;
  /** Writes a note to a prototype, open or closed. */
  annotate(prototypeId: number, annotation: Omit<Annotation, "id">): Promise<void>;
  /** Replaces the girths and lengths as sewn. */
  saveSewn(prototype: Prototype, sewn: AsSewn): Promise<SaveOutcome<Prototype>>;
}

/** Prototypes over a transaction (start and saveSewn write several rows). */
export function prototypeRepository(db: Knex): PrototypeRepository {
  const find = async (jobId: number, number: number) => {
    const rows: PrototypeRow[] = await db("prototypes").where({ job_id: jobId, number });
    return (await withInside(db, rows))[0] ?? null;
  };
  return {
    async ofJob(jobId) {
      return withInside(db, await db("prototypes").where({ job_id: jobId }).orderBy("number"));
    },
    find,
    async lastFrozen(jobId) {
      const row: Pick<PrototypeRow, "number" | "frozen"> | undefined = await db("prototypes")
        .where({ job_id: jobId })
        .orderBy("number", "desc")
        .first("number", "frozen");
      return row ? { number: row.number, frozen: frozenFrom(row.frozen) } : null;
    },
    start: (prototype) => start(db, prototype),
    closeAll: async (jobId, closedOn) => {
      await db("prototypes").where({ job_id: jobId }).whereNull("closed_on").update({ closed_on: closedOn });
    },
    annotate: async (prototypeId, { writtenOn, text }) => {
      await db("annotations").insert({ prototype_id: prototypeId, written_on: writtenOn, content: text });
    },
    async saveSewn(prototype, { sewn, sewnLengths }) {
      const open = await db("prototypes").where({ id: prototype.id }).whereNull("closed_on").first("id");
      if (!open || !(await updateVersion(db, "prototypes", prototype, {}))) {
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
      await db("sewn_lengths").where({ prototype_id: prototype.id }).delete();
      await insertAll(
        db,
        "sewn_lengths",
        sewnLengths.map(({ id, text, sewnMm }) => ({
          ...{ prototype_id: prototype.id, length_id: id, typed: text, sewn_mm: sewnMm },
        })),
      );
      return { saved: true, value: { ...prototype, sewn, sewnLengths, version: prototype.version + 1 } };
    },
  };
}

async function start(db: Knex, prototype: NewPrototype): Promise<number | null> {
  const { jobId, number, kind, startedOn, frozen } = prototype;
  const taken = await db("prototypes").where({ job_id: jobId }).max({ highest: "number" }).first();
  if (Number(taken?.highest ?? 0) !== number - 1) return null;
  await db("prototypes").where({ job_id: jobId }).whereNull("closed_on").update({ closed_on: startedOn });
  await insertRow(db, "prototypes", {
    job_id: jobId,
    number,
    kind,
    started_on: startedOn,
    frozen: JSON.stringify(frozen),
    usable: frozen.stretch.usable,
  });
  const carried = frozen.changes.map(({ changeId }) => changeId);
  await db("changes").whereIn("id", carried).whereNull("cut_into").update({ cut_into: number });
  return number;
}

/** Plans read lately, by their text: a frozen plan never changes, and a page reads the same few again and again. */
const READ_LATELY = new Map<string, FrozenPlan>();
const MOST_READ_LATELY = 200;

function frozenFrom(text: string): FrozenPlan {
  const known = READ_LATELY.get(text);
  if (known) return known;
  const plan = wholeOf(readKeptFrozen(parse(text)));
  if (READ_LATELY.size >= MOST_READ_LATELY) READ_LATELY.clear();
  READ_LATELY.set(text, plan);
  return plan;
}

async function withInside(db: Knex, rows: readonly PrototypeRow[]): Promise<Prototype[]> {
  const ids = rows.map(({ id }) => id);
  const sewn: SewnRow[] = await db("sewn_rings").whereIn("prototype_id", ids);
  const lengths: SewnLengthRow[] = await db("sewn_lengths").whereIn("prototype_id", ids);
  const annotations: AnnotationRow[] = await db("annotations").whereIn("prototype_id", ids).orderBy("id");
  return rows.map((row) => ({
    id: row.id,
    jobId: row.job_id,
    number: row.number,
    kind: row.kind,
    startedOn: row.started_on,
    frozen: frozenFrom(row.frozen),
    sewn: sewn
      .filter(({ prototype_id }) => prototype_id === row.id)
      .map(({ zone, side, typed, sewn_mm }) => ({ zone, side, text: typed, sewnMm: sewn_mm })),
    sewnLengths: lengths
      .filter(({ prototype_id }) => prototype_id === row.id)
      .map(({ length_id, typed, sewn_mm }): SewnLength => ({ id: length_id, text: typed, sewnMm: sewn_mm })),
    closedOn: row.closed_on,
    annotations: annotations
      .filter(({ prototype_id }) => prototype_id === row.id)
      .map(({ id, written_on, content }) => ({ id, writtenOn: written_on, text: content })),
    version: row.version,
  }));
}
