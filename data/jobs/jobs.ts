import type { Knex } from "knex";
import type { Job } from "../../core/job/index.ts";
import {
  readOpenings,
  readPatternLengths,
  readPressures,
  readSignOff,
  readZoneChoices,
} from "../../formats/kept/columns.ts";
import { insertRow, newIdentity, readColumn, type SaveOutcome, updateVersion } from "../db/index.ts";
import { openFindingsOf } from "../fitting/index.ts";
import { type ListQuery, likeAnywhere, type Page, pageOf } from "../lists/index.ts";

interface JobRow {
  id: number;
  name: string;
  notes: string;
  style: Job["styleId"];
  wearer_id: number;
  sheet_id: number | null;
  cloth_id: number | null;
  layup_id: number | null;
  edge_elastic_id: number | null;
  chart_id: number | null;
  zone_choices: string;
  pressures: string;
  closures: string;
  pattern_lengths: string;
  girth_direction: Job["girthDirection"];
  school: Job["school"];
  stiffness: number | null;
  signed_off: string | null;
  version: number;
}

/** A job in the list, with what the list says about it. */
export interface ListedJob extends Job {
  readonly wearerName: string;
  /** Name of its cloth or its layup; null while there is neither. */
  readonly clothName: string | null;
  readonly prototypeCount: number;
  readonly openFindings: number;
}

/** Jobs. */
export interface JobRepository {
  /** Newest first; filtered by a part of the job's or the wearer's name. */
  list(query: ListQuery): Promise<Page<ListedJob>>;
  find(id: number): Promise<Job | null>;
  ofWearer(wearerId: number): Promise<Job[]>;
  ofCloth(clothId: number): Promise<Job[]>;
  add(job: Omit<Job, "id" | "version">): Promise<number>;
  save(job: Job): Promise<SaveOutcome<Job>>;
  /** Takes a job off at a time (ISO): it is out of sight, and can be brought back until it is erased. False where it is gone. */
  remove(id: number, at: string): Promise<boolean>;
  restore(id: number): Promise<boolean>;
  /** True for a number whose job was erased for good; false for one that is there, out of sight, or was never given. */
  wasErased(id: number): Promise<boolean>;
  /** Jobs taken off and not erased yet, the last first. */
  removed(): Promise<{ id: number; name: string; removedAt: string }[]>;
}

/** Jobs over a connection or a transaction. */
export function jobRepository(db: Knex): JobRepository {
  const where = async (condition: Record<string, unknown>): Promise<Job[]> =>
    ((await db("jobs").where(condition).whereNull("removed_at").orderBy("id", "desc")) as JobRow[]).map(fromRow);
  const find = async (id: number) => (await where({ id }))[0] ?? null;
  return {
    list: (query) => list(db, query),
    find,
    ofWearer: (wearerId) => where({ wearer_id: wearerId }),
    ofCloth: (clothId) => where({ cloth_id: clothId }),
    add: (job) => insertRow(db, "jobs", { ...toColumns(job), identity: newIdentity() }),
    async save(job) {
      const saved = await updateVersion(db, "jobs", job, toColumns(job));
      return saved
        ? { saved: true, value: { ...job, version: job.version + 1 } }
        : { saved: false, theirs: await find(job.id) };
    },
    remove: async (id, at) => (await db("jobs").where({ id }).whereNull("removed_at").update({ removed_at: at })) === 1,
    restore: async (id) =>
      (await db("jobs").where({ id }).whereNotNull("removed_at").update({ removed_at: null })) === 1,
    async wasErased(id) {
      if (await db("jobs").where({ id }).first("id")) return false;
      return (await db("spent_numbers").where({ name: "jobs" }).where("highest", ">=", id).first("name")) !== undefined;
    },
    removed: () =>
      db("jobs")
        .whereNotNull("removed_at")
        .orderBy("removed_at", "desc")
        .select("id", "name", { removedAt: "removed_at" }),
  };
}

interface ListedRow extends JobRow {
  wearer_name: string;
  cloth_name: string | null;
  layup_name: string | null;
  prototype_count: number;
  open_findings: number;
}

async function list(db: Knex, { search, page }: ListQuery): Promise<Page<ListedJob>> {
  const like = likeAnywhere(search);
  const matching = () => {
    const query = db("jobs").join("wearers", "wearers.id", "jobs.wearer_id").whereNull("jobs.removed_at");
    if (search === "") return query;
    return query.whereRaw("(jobs.name like ? escape '\\' or wearers.name like ? escape '\\')", [like, like]);
  };
  const found = await pageOf<ListedRow>(matching, page, (query) =>
    query
      .leftJoin("cloths", "cloths.id", "jobs.cloth_id")
      .leftJoin("layups", "layups.id", "jobs.layup_id")
      .orderBy("jobs.id", "desc")
      .select("jobs.*", { wearer_name: "wearers.name", cloth_name: "cloths.name", layup_name: "layups.name" })
      .select(
        db.raw("(select count(*) from prototypes p where p.job_id = jobs.id) as prototype_count"),
        db.raw(`${openFindingsOf("jobs.id")} as open_findings`),
      ),
  );
  return { ...found, rows: found.rows.map(listedFrom) };
}

const listedFrom = (row: ListedRow): ListedJob => ({
  ...fromRow(row),
  wearerName: row.wearer_name,
  clothName: row.layup_name ?? row.cloth_name,
  prototypeCount: row.prototype_count,
  openFindings: row.open_findings,
});

const fromRow = (row: JobRow): Job => ({
  id: row.id,
  name: row.name,
  notes: row.notes,
  styleId: row.style,
  wearerId: row.wearer_id,
  sheetId: row.sheet_id,
  clothId: row.cloth_id,
  layupId: row.layup_id,
  edgeElasticId: row.edge_elastic_id,
  chartId: row.chart_id,
  zones: readColumn(readZoneChoices, row.zone_choices),
  pressuresKpa: readColumn(readPressures, row.pressures),
  openings: readColumn(readOpenings, row.closures),
  patternLengthsMm: readColumn(readPatternLengths, row.pattern_lengths),
  girthDirection: row.girth_direction,
  school: row.school,
  stiffness: row.stiffness,
  signedOff: row.signed_off === null ? null : readColumn(readSignOff, row.signed_off),
  version: row.version,
});

const toColumns = (job: Omit<Job, "id" | "version">) => ({
  name: job.name,
  notes: job.notes,
  style: job.styleId,
  wearer_id: job.wearerId,
  sheet_id: job.sheetId,
  cloth_id: job.clothId,
  layup_id: job.layupId,
  edge_elastic_id: job.edgeElasticId,
  chart_id: job.chartId,
  zone_choices: JSON.stringify(job.zones),
  pressures: JSON.stringify(job.pressuresKpa),
  closures: JSON.stringify(job.openings),
  pattern_lengths: JSON.stringify(job.patternLengthsMm),
  girth_direction: job.girthDirection,
  school: job.school,
  stiffness: job.stiffness,
  signed_off: job.signedOff === null ? null : JSON.stringify(job.signedOff),
});
