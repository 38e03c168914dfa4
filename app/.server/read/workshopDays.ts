import {
  type DaysPlan,
  type JobDays,
  type Moment,
  momentOf,
  planDays,
  shippedHours,
  type WorkHours,
} from "../../../core/days/index.ts";
import { type Style, shippedStyle } from "../../../core/ease/index.ts";
import {
  type MadeFrom,
  madeOf,
  minutesOf,
  pastMinutes,
  type SewingWorking,
  stepsFor,
  stepsLeft,
} from "../../../core/sewing/index.ts";
import type { JobUnderWay, UnderWay } from "../../../data/jobs/index.ts";
import type { Repositories } from "../../../data/store.ts";

/** The zone of this machine's own clock. */
const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** When the workshop works by what was kept; as shipped, in this machine's own zone, where nothing was. */
export const hoursKept = (kept: WorkHours | null): WorkHours => kept ?? shippedHours(ownZone());

/** When the workshop works. */
export const readWorkHours = async ({ settings }: Pick<Repositories, "settings">): Promise<WorkHours> =>
  hoursKept((await settings.find("workHours")).value);

/** Every job under way with what is left of it, and its days planned with all others. */
export interface WorkshopDays {
  readonly hours: WorkHours;
  readonly now: Moment;
  readonly plan: DaysPlan;
  readonly jobs: ReadonlyMap<number, JobUnderWay>;
}

/** Reads and plans the days of the workshop from now on. */
export async function readWorkshopDays(repositories: Repositories, now = new Date()): Promise<WorkshopDays> {
  const hours = await readWorkHours(repositories);
  const underWay = await repositories.workings.underWay();
  const { jobs } = underWay;
  const moment = momentOf(now.toISOString());
  return {
    ...{ hours, now: moment, jobs: new Map(jobs.map((job) => [job.jobId, job])) },
    plan: planDays(await jobDays(repositories, underWay), hours, moment),
  };
}

/** What was last made of jobs under way: they are another object as soon as anything in the data file has changed, styles and layups too. */
const MADE = new WeakMap<UnderWay, readonly JobDays[]>();

async function jobDays(repositories: Repositories, underWay: UnderWay): Promise<readonly JobDays[]> {
  const made = MADE.get(underWay) ?? (await makeJobDays(repositories, underWay));
  MADE.set(underWay, made);
  return made;
}

async function makeJobDays(repositories: Repositories, { jobs, sewn }: UnderWay): Promise<JobDays[]> {
  const styles = new Map<string, Style | null>();
  const layups = new Map<number, MadeFrom["layers"]>();
  if (jobs.length === 0) return [];
  const past = pastOf(sewn);
  for (const { styleId, layupId } of jobs) {
    if (!styles.has(styleId)) styles.set(styleId, shippedStyle(styleId) ?? (await repositories.styles.find(styleId)));
    if (layupId !== null && !layups.has(layupId))
      layups.set(layupId, (await repositories.layups.find(layupId))?.layers ?? []);
  }
  const stepsOf = new Map<string, ReturnType<typeof stepsFor>>();
  return jobs.flatMap((job) => {
    const style = styles.get(job.styleId);
    if (!style) return [];
    const { parts, openings, layupId, girthDirection } = job;
    // Most garments of a style are made alike: their steps are looked up once.
    const key = [job.styleId, layupId, girthDirection, JSON.stringify(openings), parts && JSON.stringify(parts)].join();
    const layers = layups.get(layupId ?? 0) ?? [{ role: "shell" as const, direction: girthDirection }];
    const usual = stepsOf.get(key) ?? stepsFor(madeOf({ style, parts, openings, layers }));
    stepsOf.set(key, usual);
    const steps = stepsLeft(job.sewing, usual, past(job.styleId));
    return [{ jobId: job.jobId, name: job.name, days: job.days, steps }];
  });
}

/** The workshop's own times by style. Those of the job itself are of steps that it has done: none of them is asked for. */
function pastOf(sewn: UnderWay["sewn"]): (styleId: string) => (id: string, guessMin: number | null) => number {
  const byStyle = new Map<string, SewingWorking[]>();
  for (const { styleId, working } of sewn) {
    const all = byStyle.get(styleId) ?? [];
    byStyle.set(styleId, all);
    all.push(working);
  }
  const known = new Map<string, number>();
  const past = new Map([...byStyle].map(([style, all]) => [style, pastMinutes(all)]));
  return (styleId) => (id, guessMin) => {
    const key = `${styleId}/${id}`;
    const minutes = known.get(key) ?? minutesOf(past.get(styleId)?.[id], guessMin).minutes;
    known.set(key, minutes);
    return minutes;
  };
}
