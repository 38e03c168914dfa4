import type { Knex } from "knex";
import { type Change, type Finding, type Judgement, kindTerm, spotTerm } from "../../core/fitting/index.ts";

/** What is looked for among all findings of the workshop. Everything given must agree. */
export interface FindingQuery {
  /** Words; each is looked for as the beginning of a word of the finding. */
  readonly words: string;
  readonly kind: Finding["kind"] | null;
  readonly spot: Finding["spot"] | null;
  /** Usable stretch of the cloth, from and up to but without. */
  readonly usable: { readonly from: number; readonly to: number } | null;
  /** In which order; the newest first where nothing is said. */
  readonly order?: FindingOrder;
  /** From 1, which it is where nothing is said. */
  readonly page?: number;
}

/** Orders found findings can be shown in. By amount only what was read in mm has a place before the end. */
export const FINDING_ORDERS = ["newest", "oldest", "largest", "smallest", "mostLeft"] as const;

/** One of {@link FINDING_ORDERS}. */
export type FindingOrder = (typeof FINDING_ORDERS)[number];

/** A finding of any job: what was seen, what was taken, what it did. */
export interface FoundFinding {
  readonly id: number;
  readonly jobId: number;
  readonly jobName: string;
  readonly wearerName: string;
  readonly prototype: number;
  readonly fittedOn: string;
  readonly fittingId: number;
  readonly kind: Finding["kind"];
  readonly spot: Finding["spot"];
  readonly side: Finding["side"];
  readonly amountMm: number | null;
  readonly note: string;
  readonly usable: number | null;
  readonly decision: Change["decision"] | null;
  readonly share: number | null;
  readonly changeMm: number | null;
  /** What was done: how it acts, on which pieces, at which line. */
  readonly on: Change["on"] | null;
  readonly pieces: string;
  readonly line: string;
  readonly verdict: Judgement["verdict"] | null;
  readonly residualMm: number | null;
}

/** What was found: one page of it, and how many there are, counted up to a limit. */
export interface FoundFindings {
  readonly rows: readonly FoundFinding[];
  readonly total: number;
  /** True where there are more than were counted: then these are the newest, or the oldest, of them. */
  readonly more: boolean;
  /** From 1. */
  readonly page: number;
  readonly pageCount: number;
}

/** Findings shown on one page of the search. */
const SHOWN = 50;

/** Beyond this, how many there are is not counted: nobody pages through them. */
const COUNTED = 1000;

const BY: Readonly<Record<FindingOrder, string>> = {
  newest: "f.id desc",
  oldest: "f.id",
  largest: "f.amount_mm desc nulls last, f.id desc",
  smallest: "f.amount_mm nulls last, f.id desc",
  mostLeft: "abs(j.residual_mm) desc nulls last, f.id desc",
};

/** Searches every finding of the workshop, removed ones left out. */
export async function searchFindings(db: Knex, query: FindingQuery): Promise<FoundFindings> {
  const { order = "newest", page = 1 } = query;
  const counted: number[] = await matchingFindings(db, query)
    .orderBy(ftsQuery(query.words) === "" ? "f.id" : "w.rowid", order === "oldest" ? "asc" : "desc")
    .limit(COUNTED + 1)
    .pluck("f.id");
  const found = counted.slice(0, COUNTED);
  const pageCount = Math.max(1, Math.ceil(found.length / SHOWN));
  const at = Math.min(Math.max(1, page), pageCount);
  const rows: FoundRow[] = await db("findings as f")
    .join("fittings as t", "t.id", "f.fitting_id")
    .join("prototypes as p", "p.id", "t.prototype_id")
    .join("jobs as b", "b.id", "p.job_id")
    .join("wearers as w", "w.id", "b.wearer_id")
    .leftJoin("changes as c", "c.finding_id", "f.id")
    .leftJoin("judgements as j", "j.change_id", "c.id")
    .whereIn("f.id", found)
    .orderByRaw(BY[order])
    .limit(SHOWN)
    .offset((at - 1) * SHOWN)
    .select(COLUMNS);
  return { rows: rows.map(fromRow), total: found.length, more: counted.length > COUNTED, page: at, pageCount };
}

function matchingFindings(db: Knex, { words, kind, spot, usable }: FindingQuery): Knex.QueryBuilder {
  const match = ftsQuery(words);
  const query = match === "" ? db("findings as f") : byWords(db, match, kind, spot);
  query.where("f.removed", 0).whereNotIn("f.fitting_id", fittingsOfRemovedJobs(db));
  if (match === "" && kind) query.where("f.kind", kind);
  if (match === "" && spot) query.where("f.spot", spot);
  if (usable) {
    query.where("f.usable", ">=", usable.from);
    if (Number.isFinite(usable.to)) query.where("f.usable", "<", usable.to);
  }
  return query;
}

/** A job that was taken off takes its findings along. There are few at any time, so they are looked up once a search. */
const fittingsOfRemovedJobs = (db: Knex): Knex.QueryBuilder =>
  db("jobs as b")
    .join("prototypes as p", "p.job_id", "b.id")
    .join("fittings as t", "t.prototype_id", "p.id")
    .whereNotNull("b.removed_at")
    .select("t.id");

/** Read along the word index, so that the newest of many come without looking at all of them. */
const byWords = (
  db: Knex,
  match: string,
  kind: Finding["kind"] | null,
  spot: Finding["spot"] | null,
): Knex.QueryBuilder =>
  db("finding_words as w")
    .crossJoin("findings as f" as never)
    .whereRaw("f.id = w.rowid and w.finding_words match ?", [
      [match, kind ? `"${kindTerm(kind)}"` : "", spot ? `"${spotTerm(spot)}"` : ""].join(" ").trim(),
    ]);

/** Words that say nothing of a finding: a sentence may be searched for as it is spoken. */
const FILLERS = new Set("a an and at by for from in into of on or the to with".split(" "));

/** Words as a search of the word index: each quoted, so that no sign in it is taken as an order, and as a beginning. */
const ftsQuery = (words: string): string =>
  words
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word !== "" && !FILLERS.has(word.toLowerCase()))
    .map((word) => `"${word}"*`)
    .join(" ");

const COLUMNS = {
  id: "f.id",
  job_id: "b.id",
  job_name: "b.name",
  wearer_name: "w.name",
  number: "p.number",
  fitted_on: "t.fitted_on",
  fitting_id: "t.id",
  kind: "f.kind",
  spot: "f.spot",
  side: "f.side",
  amount_mm: "f.amount_mm",
  note: "f.note",
  usable: "f.usable",
  decision: "c.decision",
  share: "c.share",
  change_mm: "c.amount_mm",
  acts_on: "c.acts_on",
  pieces: "c.pieces",
  line: "c.line",
  verdict: "j.verdict",
  residual_mm: "j.residual_mm",
} as const;

type FoundRow = {
  id: number;
  job_id: number;
  job_name: string;
  wearer_name: string;
  number: number;
  fitted_on: string;
  fitting_id: number;
  kind: Finding["kind"];
  spot: Finding["spot"];
  side: Finding["side"];
  amount_mm: number | null;
  note: string;
  usable: number | null;
  decision: Change["decision"] | null;
  share: number | null;
  change_mm: number | null;
  acts_on: Change["on"] | null;
  pieces: string | null;
  line: string | null;
  verdict: Judgement["verdict"] | null;
  residual_mm: number | null;
};

const fromRow = (row: FoundRow): FoundFinding => ({
  id: row.id,
  jobId: row.job_id,
  jobName: row.job_name,
  wearerName: row.wearer_name,
  prototype: row.number,
  fittedOn: row.fitted_on,
  fittingId: row.fitting_id,
  kind: row.kind,
  spot: row.spot,
  side: row.side,
  amountMm: row.amount_mm,
  note: row.note,
  usable: row.usable,
  decision: row.decision,
  share: row.share,
  changeMm: row.change_mm,
  on: row.acts_on,
  pieces: row.pieces ?? "",
  line: row.line ?? "",
  verdict: row.verdict,
  residualMm: row.residual_mm,
});
