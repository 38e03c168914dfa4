import type { RouterContextProvider } from "react-router";
import { ringsOf } from "../../../core/fitting/index.ts";
import { type JobProgress, movedOn, type Step, stepsOf } from "../../../core/job/index.ts";
import { bareWorkings, keptIds } from "../../../data/jobs/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { storeOf } from "../http/answers.ts";
import type { JobPlanContext } from "./jobPlan.ts";
import { readWorkings } from "./workingContext.ts";

/** The steps of a job with where each stands: counts and the last frozen plan, and no more of the record. */
export async function readSteps(repositories: Repositories, read: JobPlanContext): Promise<Step[]> {
  const { kept, facts } = await readWorkings(repositories, read, "picked");
  return stepsOf({
    style: read.style,
    plan: read.planned,
    chart: read.job.chartId !== null,
    entered: { workings: bareWorkings(kept), kept: keptIds(kept), facts },
    progress: await readProgress(repositories, read),
  });
}

async function readProgress(
  { prototypes, fittings }: Pick<Repositories, "prototypes" | "fittings">,
  { job, planned: { planned } }: JobPlanContext,
): Promise<JobProgress> {
  const last = await prototypes.lastFrozen(job.id);
  const today = planned ? ringsOf(planned.plan.zones) : [];
  return {
    prototypeCount: last?.number ?? 0,
    openFindings: await fittings.openOfJob(job.id),
    signedOff: job.signedOff !== null,
    movedOn: last !== null && movedOn(last.frozen.rings, today).length > 0,
  };
}

const stepsOnce = new WeakMap<Readonly<RouterContextProvider>, Promise<Step[]>>();

/** The steps of a page's job; worked out once for all loaders. */
export function stepsOfPage(context: Readonly<RouterContextProvider>, read: JobPlanContext): Promise<Step[]> {
  const steps = stepsOnce.get(context) ?? readSteps(storeOf(context), read);
  stepsOnce.set(context, steps);
  return steps;
}
