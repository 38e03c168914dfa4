import type { RouterContextProvider } from "react-router";
import { wornIn } from "../../../core/ease/index.ts";
import {
  type CoursesBefore,
  cutLengths,
  decidedChanges,
  type Finding,
  type Fitting,
  type NextLength,
  type NextRing,
  nextLengths,
  nextPlan,
  type OwnChange,
  type Prototype,
  ringsOf,
} from "../../../core/fitting/index.ts";
import { type MovedRing, movedOn } from "../../../core/job/index.ts";
import type { Repositories } from "../../../data/store.ts";
import { storeOf } from "../http/answers.ts";
import { type JobPlanContext, planOfPage, readJobPlan } from "./jobPlan.ts";

/** A job with its plan and all of its record: prototypes, fittings, changes. */
export interface JobRecord extends JobPlanContext {
  readonly prototypes: readonly Prototype[];
  readonly fittings: readonly Fitting[];
  /** Changes that no finding asked for. */
  readonly ownChanges: readonly OwnChange[];
}

/** Reads a job whole; a 404 page where it does not exist. */
export const readJob = async (repositories: Repositories, jobId: number): Promise<JobRecord> =>
  withRecord(repositories, await readJobPlan(repositories, jobId));

async function withRecord(repositories: Repositories, plan: JobPlanContext): Promise<JobRecord> {
  const prototypes = await repositories.prototypes.ofJob(plan.job.id);
  const fittings = await repositories.fittings.ofPrototypes(prototypes.map(({ id }) => id));
  const ownChanges = await repositories.changes.ownOfJob(plan.job.id);
  return { ...plan, prototypes, fittings, ownChanges };
}

/** The record of a page's job; its plan is shared with the frame. */
export const recordOfPage = async (
  context: Readonly<RouterContextProvider>,
  jobIdText: string | undefined,
): Promise<JobRecord> => withRecord(storeOf(context), await planOfPage(context, jobIdText));

/** Rings planned from today's body and cloth with every decided change in; empty until a school was chosen. */
export function ringsToday({ style, planned, fittings, ownChanges }: JobRecord): NextRing[] {
  if (!planned.planned) return [];
  const { plan, stretch } = planned.planned;
  return nextPlan(ringsOf(plan.zones), decidedChanges(fittings, ownChanges), wornIn(style, stretch));
}

/** Lengths planned from today's body and cloth with every decided change in; empty until a school was chosen. */
export const lengthsToday = ({ job, planned, fittings, ownChanges }: JobRecord): NextLength[] =>
  planned.planned && job.school
    ? nextLengths(cutLengths(planned.planned.plan.lengths[job.school]), decidedChanges(fittings, ownChanges))
    : [];

/** Girths and lengths as they are cut today without the changes that are in no prototype yet. */
export function cutSoFar(read: JobRecord): CoursesBefore {
  const cut = (one: Finding) => one.change?.cutInto != null;
  const fittings = read.fittings.map((fitting) => ({ ...fitting, findings: fitting.findings.filter(cut) }));
  const so = { ...read, fittings, ownChanges: read.ownChanges.filter(({ change }) => change.cutInto !== null) };
  return { rings: ringsToday(so), lengths: lengthsToday(so) };
}

/** What has moved in the plan since the last prototype; empty while there is none. */
export function movedSinceLast(context: JobRecord): MovedRing[] {
  const last = context.prototypes.at(-1);
  return last ? movedOn(last.frozen.rings, ringsToday(context)) : [];
}
