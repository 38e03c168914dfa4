import type { RouterContextProvider } from "react-router";
import type { Sheet } from "../../core/body/sheet.ts";
import type { Wearer } from "../../core/body/wearer.ts";
import type { Cloth, SwatchTest } from "../../core/cloth/cloth.ts";
import type { EaseSources } from "../../core/ease/explain/explainEase.ts";
import { type EaseSettings, SHIPPED_EASE_SETTINGS } from "../../core/ease/settings.ts";
import { decidedChanges } from "../../core/fitting/decidedChanges.ts";
import type { Fitting } from "../../core/fitting/fitting.ts";
import { type NextRing, nextPlan } from "../../core/fitting/nextPlan.ts";
import type { Prototype } from "../../core/fitting/prototype.ts";
import { ringsOf } from "../../core/fitting/rings.ts";
import type { Job } from "../../core/job/job.ts";
import { type MovedRing, movedOn } from "../../core/job/movedOn.ts";
import { type PlannedJob, planJob } from "../../core/job/planJob.ts";
import { type Step, stepsOf } from "../../core/job/steps.ts";
import { formatDay } from "../../core/units/day.ts";
import type { Repositories } from "../../data/store.ts";
import { found, idFrom, storeOf } from "./answers.ts";

/** A job with everything it rests on, read in one go; what the pages of a job show is computed from it. */
export interface JobContext {
  readonly job: Job;
  readonly wearer: Wearer;
  readonly sheet: Sheet | null;
  readonly cloth: Cloth | null;
  readonly tests: readonly SwatchTest[];
  readonly settings: EaseSettings;
  readonly prototypes: readonly Prototype[];
  readonly fittings: readonly Fitting[];
  readonly planned: PlannedJob;
}

/** Reads a job whole; a 404 page where it does not exist. */
export async function readJob(repositories: Repositories, jobId: number): Promise<JobContext> {
  const job = found(await repositories.jobs.find(jobId), "job");
  const wearer = found(await repositories.wearers.find(job.wearerId), "wearer");
  const sheet = job.sheetId === null ? null : await repositories.sheets.find(job.sheetId);
  const cloth = job.clothId === null ? null : await repositories.cloths.find(job.clothId);
  const tests = cloth ? await repositories.cloths.testsOf(cloth.id) : [];
  const prototypes = await repositories.prototypes.ofJob(job.id);
  const fittings = await repositories.fittings.ofPrototypes(prototypes.map(({ id }) => id));
  const settings = SHIPPED_EASE_SETTINGS;
  const planned = planJob({ job, sheet, cloth, tests, settings });
  return { job, wearer, sheet, cloth, tests, settings, prototypes, fittings, planned };
}

const readOnce = new WeakMap<Readonly<RouterContextProvider>, Promise<JobContext>>();

/** The job of a page, read once for all loaders of one request (the frame's and the step's). */
export function jobOfPage(
  context: Readonly<RouterContextProvider>,
  jobIdText: string | undefined,
): Promise<JobContext> {
  const reading = readOnce.get(context) ?? readJob(storeOf(context), idFrom(jobIdText, "job"));
  readOnce.set(context, reading);
  return reading;
}

/** Rings planned from today's body and cloth with every decided change in; empty until a school was chosen. */
export function ringsToday({ job, planned, fittings }: JobContext): NextRing[] {
  if (!planned.planned || !job.school) return [];
  const { plan, stretch } = planned.planned;
  return nextPlan(ringsOf(plan.zones, job.school), decidedChanges(fittings), stretch);
}

/** What has moved in the plan since the last prototype; empty while there is none. */
export function movedSinceLast(context: JobContext): MovedRing[] {
  const last = context.prototypes.at(-1);
  return last ? movedOn(last.frozen.rings, ringsToday(context)) : [];
}

/** The steps of the job for its rail. */
export function jobSteps(context: JobContext): Step[] {
  const findings = context.fittings.flatMap((fitting) => fitting.findings);
  return stepsOf(context.planned, {
    prototypeCount: context.prototypes.length,
    openFindings: findings.filter(({ change }) => change === null).length,
    movedOn: movedSinceLast(context).length > 0,
  });
}

/** What explanations name as their sources; null until there is a plan. */
export function easeSources({ sheet, planned }: JobContext): EaseSources | null {
  if (!sheet || !planned.planned) return null;
  const { test, stretch } = planned.planned;
  return {
    sheet: `sheet of ${formatDay(sheet.takenOn)}`,
    test: `hand test ${test.direction}, ${formatDay(test.testedOn)}`,
    settings: "settings as shipped",
    usable: stretch.usable,
    recovery: stretch.recovery,
  };
}
