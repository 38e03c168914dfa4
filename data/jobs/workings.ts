import type { Knex } from "knex";
import { NEW_WORKINGS, WORKING_IDS, type WorkingId, type Workings } from "../../core/workings/index.ts";
import { readTexts } from "../../formats/kept/columns.ts";
import { readKeptWorking, workingFormat } from "../../formats/kept/keptWorking.ts";
import { insertRow, parse, readColumn, type SaveOutcome, updateVersion, wholeOf } from "../db/index.ts";
import { jobsUnderWay, type UnderWay } from "./underWay.ts";

/** All workings of a job as they are kept; version 0 where nothing was kept yet. */
export type KeptWorkings = { readonly [Id in WorkingId]: KeptWorking<Id> };

/** The workings alone. */
export const bareWorkings = (kept: KeptWorkings): Workings =>
  Object.fromEntries(WORKING_IDS.map((id) => [id, kept[id].working])) as unknown as Workings;

/** The workings that were kept at all. */
export const keptIds = (kept: KeptWorkings): WorkingId[] => WORKING_IDS.filter((id) => kept[id].version > 0);

/** What was kept, without what is as before anything was entered. */
export const workingsKept = (kept: KeptWorkings): Partial<Workings> =>
  Object.fromEntries(keptIds(kept).map((id) => [id, kept[id].working]));

/** One working with its version. */
export interface KeptWorking<Id extends WorkingId = WorkingId> {
  readonly working: Workings[Id];
  /** As the maker typed them, by field, each with its unit; empty where nothing was typed yet. */
  readonly texts: Readonly<Record<string, string>>;
  readonly version: number;
}

/** Workings of jobs; each has its own version, so that two windows on two of them never meet. */
export interface WorkingRepository {
  ofJob(jobId: number): Promise<KeptWorkings>;
  find<Id extends WorkingId>(jobId: number, id: Id): Promise<KeptWorking<Id>>;
  save<Id extends WorkingId>(jobId: number, id: Id, kept: KeptWorking<Id>): Promise<SaveOutcome<KeptWorking<Id>>>;
  /** Every job whose days are planned, and that is not signed off. */
  underWay(): Promise<UnderWay>;
}

interface WorkingRow {
  id: number;
  kind: string;
  content: string;
  texts: string;
  format: number;
  version: number;
}

/** Workings over a connection or a transaction. */
export function workingRepository(db: Knex): WorkingRepository {
  const rows = (jobId: number, condition: Record<string, unknown> = {}): Promise<WorkingRow[]> =>
    db("job_workings").where({ job_id: jobId, ...condition });
  async function find<Id extends WorkingId>(jobId: number, id: Id): Promise<KeptWorking<Id>> {
    return keptOf(id, (await rows(jobId, { kind: id }))[0]);
  }
  return {
    async ofJob(jobId) {
      const kept = await rows(jobId);
      const of = (id: WorkingId) =>
        [
          id,
          keptOf(
            id,
            kept.find(({ kind }) => kind === id),
          ),
        ] as const;
      return Object.fromEntries(WORKING_IDS.map(of)) as unknown as KeptWorkings;
    },
    find,
    underWay: () => jobsUnderWay(db),
    async save(jobId, id, { working, texts, version }) {
      const columns = {
        content: JSON.stringify(working),
        texts: JSON.stringify(texts),
        format: workingFormat(id),
      };
      const [row] = await rows(jobId, { kind: id });
      if (row ? !(await updateVersion(db, "job_workings", { id: row.id, version }, columns)) : version !== 0)
        return { saved: false, theirs: await find(jobId, id) };
      if (!row) await insertRow(db, "job_workings", { job_id: jobId, kind: id, ...columns });
      return { saved: true, value: { working, texts, version: version + 1 } };
    },
  };
}

function keptOf<Id extends WorkingId>(id: Id, row: WorkingRow | undefined): KeptWorking<Id> {
  if (!row) return { working: NEW_WORKINGS[id], texts: {}, version: 0 };
  const working = wholeOf(readKeptWorking(id, parse(row.content), row.format));
  return { working, texts: readColumn(readTexts, row.texts), version: row.version };
}
