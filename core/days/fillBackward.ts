import type { Moment } from "./clock.ts";
import type { Span } from "./workHours.ts";

/** A piece of work that is still to be done, with the moment it has to be done by. Minutes. */
export interface Work {
  readonly id: string;
  readonly minutes: number;
  /** How long it is left alone once it is done, day and night, before the next piece of work is begun. */
  readonly restMin: number;
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
 * no later than its slot is in time; what finds no free hour after now is short by so much. Hours in which one job rests are filled with
 * what others need.
 */
export function fillBackward(jobs: readonly JobWork[], freeBefore: FreeBefore): Filled {
  const slots: Slot[] = [];
  const shortMin = new Map<number, number>();
  const hours = hoursLeft(freeBefore);
  for (const { jobId, by, works } of jobs.toSorted((a, b) => b.by - a.by || b.jobId - a.jobId)) {
    let end = by;
    hours.goBackTo(by);
    for (const { id, minutes, restMin } of works.toReversed()) {
      end -= restMin;
      let left = minutes;
      while (left > 0) {
        const free = hours.take(end, left);
        if (!free) break;
        slots.push({ jobId, work: id, ...free });
        [left, end] = [left - (free.to - free.from), free.from];
      }
      if (left > 0) shortMin.set(jobId, (shortMin.get(jobId) ?? 0) + left);
    }
  }
  return { slots: slots.toSorted((a, b) => a.from - b.from), shortMin };
}

/** The free hours that nothing was laid in yet, taken from the end. */
function hoursLeft(freeBefore: FreeBefore) {
  /** What was passed over while a job rested, in order. */
  let passed: Span[] = [];
  /** Nothing after it is free but what was passed over. */
  let frontier = Number.POSITIVE_INFINITY;
  const passOver = (end: number) => {
    while (frontier > end) {
      const free = freeBefore(frontier);
      if (!free || free.to <= end) break;
      frontier = Math.max(free.from, end);
      passed.unshift({ from: frontier, to: free.to });
    }
    frontier = Math.min(frontier, end);
  };
  const ofPassed = (end: number, mostMin: number): Span | null => {
    const at = passed.findLastIndex(({ from }) => from < end);
    const span = passed[at];
    if (!span) return null;
    const to = Math.min(span.to, end);
    const taken = { from: Math.max(span.from, to - mostMin), to };
    const rest = [
      { from: span.from, to: taken.from },
      { from: taken.to, to: span.to },
    ];
    passed.splice(at, 1, ...rest.filter(({ from, to: until }) => from < until));
    return taken;
  };
  return {
    /** Leaves what lies after a moment: no job that is still to be laid is wanted later. */
    goBackTo(by: number) {
      frontier = Math.min(frontier, by);
      passed = passed.filter(({ from }) => from < by);
    },
    /** The latest free span before an end, at most so long; null where there is none. What it passes over stays for others. */
    take(end: number, mostMin: number): Span | null {
      passOver(end);
      const taken = ofPassed(end, mostMin);
      if (taken) return taken;
      const free = freeBefore(frontier);
      if (!free) return null;
      frontier = Math.max(free.from, free.to - mostMin);
      return { from: frontier, to: free.to };
    },
  };
}
