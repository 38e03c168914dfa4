import type { RouterContextProvider } from "react-router";
import { type ElasticsWorking, edgesNow } from "../../../core/elastics/index.ts";
import { ok } from "../../../core/result.ts";
import type { WorkingId, Workings } from "../../../core/workings/index.ts";
import type { Store } from "../../../data/store.ts";
import { invalid, storeOf } from "../../.server/http/answers.ts";
import type { AskedPieces } from "../../.server/http/piecesAsked.ts";
import { bytesOf, inPool } from "../../.server/pool/pool.ts";
import { planOfPage } from "../../.server/read/jobPlan.ts";
import { readWorkings } from "../../.server/read/workingContext.ts";
import { unitOf } from "../../form/formUnit.ts";
import { type Fields, textsOf } from "../../form/unsaved.ts";
import { keepChanged } from "../calculation/keepChanged.server.ts";
import { saveWorking } from "../calculation/saveWorking.server.ts";

const pageOf = (jobId: number) => `/jobs/${jobId}/elastics`;

/** A page, and the pieces it goes by. */
interface OfPieces {
  readonly context: Readonly<RouterContextProvider>;
  readonly asked: AskedPieces;
}

/** What the elastics of a page's job rest on, with the whole shelf. */
async function factsOf({ context, asked }: OfPieces, jobId: number) {
  const { facts } = await readWorkings(storeOf(context), await planOfPage(context, String(jobId)), "shelf", asked);
  return facts.elastics;
}

/** Keeps the elastics of a job, and how long each edge is now: what moves later is told. */
export async function saveElastics(fields: Fields, jobId: number, of: OfPieces) {
  const facts = await factsOf(of, jobId);
  return saveWorking(fields, jobId, storeOf(of.context), pageOf(jobId), {
    settled: (working) => (isElastics(working) ? { ...working, keptMm: edgesNow(working, facts) } : working),
  });
}

const isElastics = (working: Workings[WorkingId]): working is ElasticsWorking =>
  "keptMm" in working && "chart" in working;

/** Keeps the elastics as they are, over the edges as they are now. */
export async function keepAnew(fields: Fields, jobId: number, of: OfPieces) {
  const facts = await factsOf(of, jobId);
  return keepChanged(fields, jobId, storeOf(of.context), {
    ...{ id: "elastics", field: "version", what: "elastics", to: pageOf(jobId) },
    change: (before) => ok({ ...before, keptMm: edgesNow(before, facts) }),
  });
}

/** Longest chart that is read, bytes. */
const MOST_BYTES = 200_000;

/** Reads a pattern's chart in from a file, in place of the one there is. */
export async function readInChart(form: FormData, jobId: number, store: Store, signal: AbortSignal) {
  const fields = textsOf(form);
  const file = form.get("file");
  const refused = (message: string) => invalid(fields, { file: message });
  if (!(file instanceof File) || file.size === 0) return refused("Expected a CSV or JSON file, but none was chosen.");
  if (file.size > MOST_BYTES)
    return refused(
      `Expected a chart of at most ${MOST_BYTES / 1000} kB, but the file has ${Math.round(file.size / 1000)} kB.`,
    );
  const ending = /\.([a-z]+)$/i.exec(file.name)?.[1]?.toLowerCase();
  if (ending !== "csv" && ending !== "json")
    return refused(`Expected a file that ends in .csv or .json, but got “${file.name.slice(0, 80)}”.`);
  const bytes = await bytesOf(file);
  const chart = { kind: ending, bytes, unit: unitOf(fields) } as const;
  const rows = await inPool("readElasticChart", chart, { hand: [bytes], signal });
  if (!rows.ok) return refused(rows.problem.message);
  return keepChanged(fields, jobId, store, {
    ...{ id: "elastics", field: "file", what: "elastics", to: pageOf(jobId) },
    change: (before) => ok({ ...before, chart: rows.value }),
  });
}
