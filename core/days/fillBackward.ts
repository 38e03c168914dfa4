import type { Moment } from "./clock.ts";
import type { Span } from "./workHours.ts";

/** A piece of work that is still to be done, with the moment it has to be done by. Minutes. */
export interface Work {
  readonly id: string;
  readonly minutes: number;
}

/** Work of one job in its order, and when all of it has to be done. */
export interface JobWork {
  readonly jobId: number;
  readonly by: Moment;
  readonly works: readonly Work[];
}

/** When a piece of work has to be done at the latest. */
export interface Slot extends Span {
  readonly jobId: number;
  readonly work: string;
}

/** The latest hours in which everything can still be done. */
export interface Filled {
  /** In the order of time. */
  readonly slots: readonly Slot[];
  /** By how many minutes the free hours fall short, by job. */
  readonly shortMin: ReadonlyMap<number, number>;
}

/** The last free hours that begin before a moment, up to it; null where there are none after now. It is asked for ever earlier moments. */
export type FreeBefore = (end: Moment) => Span | null;

/**
 * Fills free hours backward: what is wanted last is laid last, each job as late as it may, its last step at its end. So whatever begins
 * no later than its slot is in time; what finds no free hour after now is short by so much.
 */
export function fillBackward(jobs: readonly JobWork[], freeBefore: FreeBefore): Filled {
  const slots: Slot[] = [];
  const shortMin = new Map<number, number>();
  let end = Number.POSITIVE_INFINITY;
  for (const { jobId, by, works } of jobs.toSorted((a, b) => b.by - a.by || b.jobId - a.jobId)) {
    end = Math.min(end, by);
    for (const { id, minutes } of works.toReversed()) {
      let left = minutes;
      while (left > 0) {
        const free = freeBefore(end);
        if (!free) break;
        const from = Math.max(free.from, free.to - left);
        slots.push({ jobId, work: id, from, to: free.to });
        [left, end] = [left - (free.to - from), from];
      }
      if (left > 0) shortMin.set(jobId, (shortMin.get(jobId) ?? 0) + left);
    }
  }
  return { slots: slots.toReversed(), shortMin };
}
