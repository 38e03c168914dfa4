import type { Store } from "../../../data/store.ts";
import { idFrom, storeOf } from "../http/answers.ts";
import { askedPieces } from "../http/piecesAsked.ts";
import { type JobPlanContext, readJobPlan } from "./jobPlan.ts";
import { type JobRequest, type JobWorkings, readWorkings } from "./workingContext.ts";

/** What a file of a job is written from. */
interface WorkingsOfFile extends JobWorkings {
  readonly store: Store;
  readonly read: JobPlanContext;
}

/** Reads what a file of a job is written from: of the prototype whose pieces its page showed, else of the newest. */
export async function workingsOfFile({ request, params, context }: JobRequest): Promise<WorkingsOfFile> {
  const store = storeOf(context);
  const read = await readJobPlan(store, idFrom(params.jobId, "job"));
  return { store, read, ...(await readWorkings(store, read, "picked", askedPieces(request))) };
}
