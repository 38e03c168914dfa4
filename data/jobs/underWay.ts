import type { Knex } from "knex";
import type { Direction } from "../../core/cloth/index.ts";
import type { Opening, StyleId, Zone } from "../../core/ease/index.ts";
import { lately } from "../../core/lately.ts";
import { NEW_WORKINGS, type Workings } from "../../core/workings/index.ts";
import { readOpenings } from "../../formats/kept/columns.ts";
import { readKeptWorking } from "../../formats/kept/keptWorking.ts";
import { parse, readColumn, wholeOf } from "../db/index.ts";

/** A job under way, as its days are planned: whoever planned none has nothing to do with them. */
export interface JobUnderWay {
  readonly jobId: number;
  readonly name: string;
  readonly wearerName: string;
  readonly styleId: StyleId;
  readonly girthDirection: Direction;
  readonly layupId: number | null;
  /** The day its sheet was taken, ISO; null while it has none. */
  readonly measuredOn: string | null;
  readonly openings: Readonly<Partial<Record<Zone, Opening>>>;
  readonly days: Workings["days"];
  readonly sewing: Workings["sewing"];
  /** Null where none was kept. */
  readonly parts: Workings["parts"] | null;
}

/** Every job whose days are planned and that is not signed off, and how every job was sewn. */
export interface UnderWay {
  readonly jobs: readonly JobUnderWay[];
  /** Of all jobs, those done with too: what the workshop's own times come from. */
  readonly sewn: readonly {
    readonly jobId: number;
    readonly name: string;
    readonly styleId: StyleId;
    readonly working: Workings["sewing"];
  }[];
}

const PLANNED = ["days", "sewing", "parts"] as const;

type PlannedKind = (typeof PLANNED)[number];

interface WorkingRow {
  readonly job_id: number;
  readonly kind: PlannedKind;
  readonly content: string;
  readonly format: number;
}

interface JobRow {
  readonly id: number;
  readonly name: string;
  readonly wearer: string;
  readonly style: StyleId;
  readonly girth_direction: Direction;
  readonly layup_id: number | null;
  readonly closures: string;
  readonly signed_off: string | null;
  readonly measured_on: string | null;
}

/** What was read last over a connection, and how far its data file had changed then. */
const LAST = new WeakMap<Knex, { readonly stamp: string; readonly underWay: UnderWay }>();

/** Every job under way; read anew only once something in the data file has changed: nobody else has it open. */
export async function jobsUnderWay(db: Knex): Promise<UnderWay> {
  const [own]: { changes: number }[] = await db.raw("select total_changes() as changes");
  const stamp = String(own?.changes);
  const last = LAST.get(db);
  if (last?.stamp === stamp) return last.underWay;
  const underWay = await readUnderWay(db);
  LAST.set(db, { stamp, underWay });
  return underWay;
}

/** Reads them in two questions: put together here, they are answered in half the time. */
async function readUnderWay(db: Knex): Promise<UnderWay> {
  const jobs: JobRow[] = await db("jobs")
    .join("wearers", "wearers.id", "jobs.wearer_id")
    .leftJoin("sheets", "sheets.id", "jobs.sheet_id")
    .whereNull("jobs.removed_at")
    .select("jobs.id", "jobs.name", "style", "girth_direction", "layup_id", "closures", "signed_off")
    .select({ wearer: "wearers.name", measured_on: "sheets.taken_on" });
  const rows: WorkingRow[] = await db("job_workings")
    .whereIn("kind", PLANNED)
    .select("job_id", "kind", "content", "format");
  const kept = new Map<number, Partial<Workings>>();
  for (const { job_id: id, kind, content, format } of rows) {
    const own: Partial<Record<PlannedKind, unknown>> = kept.get(id) ?? {};
    own[kind] = readLately(kind, content, format);
    kept.set(id, own as Partial<Workings>);
  }
  return {
    jobs: jobs.flatMap((row) => {
      const own = kept.get(row.id);
      return own?.days && row.signed_off === null ? [jobFrom(row, own)] : [];
    }),
    sewn: jobs.flatMap(({ id, name, style }) => {
      const working = kept.get(id)?.sewing;
      return working ? [{ jobId: id, name, styleId: style, working }] : [];
    }),
  };
}

const jobFrom = (row: JobRow, own: Partial<Workings>): JobUnderWay => ({
  jobId: row.id,
  name: row.name,
  wearerName: row.wearer,
  styleId: row.style,
  girthDirection: row.girth_direction,
  layupId: row.layup_id,
  measuredOn: row.measured_on,
  openings: openingsLately(row.closures),
  days: own.days ?? NEW_WORKINGS.days,
  sewing: own.sewing ?? NEW_WORKINGS.sewing,
  parts: own.parts ?? null,
});

/** Jobs change one at a time: what was read lately as it stands is not read again. */
const READ = new Map<string, Workings[PlannedKind]>();

/** So many are kept: of some thousands of jobs. */
const MOST_READ = 20_000;

function readLately(kind: PlannedKind, content: string, format: number): Workings[PlannedKind] {
  const key = `${kind}${format}${content}`;
  const before = READ.get(key);
  if (before) return before;
  const working = wholeOf(readKeptWorking(kind, parse(content), format));
  if (READ.size >= MOST_READ) READ.clear();
  READ.set(key, working);
  return working;
}

const openingsLately = lately((text: string) => readColumn(readOpenings, text), { most: 500 });
