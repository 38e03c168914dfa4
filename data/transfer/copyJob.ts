import { jobAgain, workingAgain } from "../../core/job/index.ts";
import { savedOrThrow } from "../db/index.ts";
import { keptIds } from "../jobs/index.ts";
import type { Repositories } from "../store.ts";

/**
 * Begins a job again: the same wearer, sheet, cloths and everything decided, without prototypes, fittings and dates. The first
 * stays as it is. Run it in a transaction.
 * @returns the number of the new job; null where there is none to begin again.
 */
export async function copyJob({ jobs, workings }: Repositories, jobId: number): Promise<number | null> {
  const job = await jobs.find(jobId);
  if (!job) return null;
  const kept = await workings.ofJob(jobId);
  const copy = await jobs.add(jobAgain(job));
  for (const id of keptIds(kept)) {
    const { working, texts } = kept[id];
    const again = workingAgain(id, working);
    savedOrThrow(await workings.save(copy, id, { working: again, texts: textsOf(texts, working, again), version: 0 }));
  }
  return copy;
}

/** What was typed is kept with what it came to: where that goes, its text does. */
const textsOf = (texts: Readonly<Record<string, string>>, before: object, now: object): Record<string, string> => {
  const [was, is] = [new Map(Object.entries(before)), new Map(Object.entries(now))];
  return Object.fromEntries(Object.entries(texts).filter(([name]) => was.get(name) === is.get(name)));
};
