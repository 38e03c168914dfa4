import { dayAfter, type Moment, momentAt, weekdayOf } from "./clock.ts";
import type { DaysPlan, Meeting, PlannedSlot } from "./planDays.ts";

/** A day at a glance. */
export interface DayCell {
  /** ISO */
  readonly day: string;
  /** False for a day of the month before or after. */
  readonly inMonth: boolean;
  readonly meetings: number;
  /** Work that has to be done that day at the latest, minutes. */
  readonly workMin: number;
  /** Jobs that are wanted that day. */
  readonly wanted: readonly number[];
}

/** One day with its month. */
export interface DayView {
  readonly meetings: readonly Meeting[];
  readonly slots: readonly PlannedSlot[];
  /** Whole weeks from Monday. */
  readonly month: readonly DayCell[];
}

/** What of a plan is seen of one day, and of its month. */
export function dayView({ meetings, slots, jobs }: DaysPlan, day: string, zone: string): DayView {
  const days = weeksOf(day);
  const bounds = [...days, dayAfter(days.at(-1) ?? day)].map((one) => momentAt(one, 0, zone));
  const counts = days.map(() => ({ meetings: 0, workMin: 0 }));
  for (const { from } of meetings) {
    const cell = counts[placeOf(bounds, from)];
    if (cell) cell.meetings += 1;
  }
  for (const { from, to } of slots) {
    const cell = counts[placeOf(bounds, from)];
    if (cell) cell.workMin += to - from;
  }
  const at = days.indexOf(day);
  const here = ({ from }: { readonly from: Moment }): boolean => placeOf(bounds, from) === at;
  return {
    meetings: meetings.filter(here),
    slots: slots.filter(here),
    month: days.map((one, place) => ({
      ...{ day: one, inMonth: one.slice(0, 7) === day.slice(0, 7) },
      ...{ meetings: 0, workMin: 0, ...counts[place] },
      wanted: jobs.filter(({ wantedOn }) => wantedOn === one).map(({ jobId }) => jobId),
    })),
  };
}

/** The days of the weeks a month touches, from Monday to Sunday. */
function weeksOf(day: string): string[] {
  const first = `${day.slice(0, 7)}-01`;
  const days: string[] = [];
  let one = dayAfter(first, -weekdayOf(first));
  do {
    days.push(one);
    one = dayAfter(one);
  } while (one.slice(0, 7) <= day.slice(0, 7) || weekdayOf(one) !== 0);
  return days;
}

/** Between which bounds a moment lies; −1 before all of them, and from the last on as many as there are. */
function placeOf(bounds: readonly Moment[], moment: Moment): number {
  let [low, high] = [0, bounds.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((bounds[middle] as Moment) <= moment) low = middle + 1;
    else high = middle;
  }
  return low - 1;
}
