import type { StepLeft } from "../sewing/index.ts";
import { dayAfter, type Moment, momentAt, momentOf } from "./clock.ts";
import { fillBackward, type JobWork, type Slot } from "./fillBackward.ts";
import { freeHours } from "./freeHours.ts";
import { type WaitKind, waitOf } from "./waits/index.ts";
import { hoursOf, type Span, type WorkHours } from "./workHours.ts";
import type { Appointment, DaysWorking, Wait } from "./working.ts";

/** A job as its days are planned. */
export interface JobDays {
  readonly jobId: number;
  readonly name: string;
  readonly days: DaysWorking;
  readonly steps: readonly StepLeft[];
}

/** An appointment of a job. */
export interface Meeting extends Span {
  readonly jobId: number;
  readonly appointment: Appointment;
}

/** A wait of a job that is not over. */
export interface Waiting {
  readonly jobId: number;
  readonly wait: Wait;
  readonly kind: WaitKind;
  readonly until: Moment;
}

/** A slot with the wait it is laid before the end of; null where nothing is in its way. */
export interface PlannedSlot extends Slot {
  readonly name: string;
  readonly blockedBy: Waiting | null;
}

/** How a job stands against the day it is wanted. */
export interface JobStands {
  readonly jobId: number;
  readonly wantedOn: string;
  /** Still to sew, minutes. */
  readonly leftMin: number;
  /** By how much the free hours fall short, minutes; 0 where they do not. */
  readonly shortMin: number;
  /** When its next step has to be begun at the latest; null where nothing is left. */
  readonly beginBy: Moment | null;
  /** What comes next of it; null where nothing is left. */
  readonly next: string | null;
}

/** The days of a workshop. */
export interface DaysPlan {
  readonly slots: readonly PlannedSlot[];
  readonly meetings: readonly Meeting[];
  readonly waiting: readonly Waiting[];
  readonly jobs: readonly JobStands[];
}

const HOUR_MIN = 60;

/** When a wait is over. */
export const waitUntil = ({ kind, since }: Wait): Moment => momentOf(since) + Math.round(waitOf(kind).hours * HOUR_MIN);

/** Plans the days of a workshop from now on: appointments stand, waits block their steps, and the work fills the free hours backward from the days it is wanted. */
export function planDays(jobs: readonly JobDays[], hours: WorkHours, now: Moment): DaysPlan {
  const meetings = jobs
    .flatMap(({ jobId, days }) => days.appointments.map((appointment) => meetingOf(jobId, appointment)))
    .toSorted((a, b) => a.from - b.from);
  const waiting = jobs
    .flatMap(({ jobId, days }) =>
      days.waits.map((wait) => ({ jobId, wait, kind: waitOf(wait.kind), until: waitUntil(wait) })),
    )
    .filter(({ until }) => until > now)
    .toSorted((a, b) => a.until - b.until);
  const ends = new Map<string, Moment>();
  const endsOf = (day: string): Moment => {
    const end = ends.get(day) ?? endOf(day, hours);
    ends.set(day, end);
    return end;
  };
  const dated = jobs.filter(({ days }) => days.wantedOn !== null);
  const works = dated.map(
    ({ jobId, days, steps }): JobWork => ({
      ...{ jobId, works: steps.map(({ id, minutes, restMin }) => ({ id, minutes: Math.round(minutes), restMin })) },
      by: Math.min(endsOf(days.wantedOn as string), handedOverAt(days, now)),
    }),
  );
  const { slots, shortMin } = fillBackward(works, freeHours(hours, meetings, now));
  const stepsOf = new Map(jobs.map(({ jobId, steps }) => [jobId, steps]));
  const begins = new Map<number, Moment>();
  for (const { jobId, from } of slots) begins.set(jobId, Math.min(begins.get(jobId) ?? from, from));
  return {
    meetings,
    waiting,
    slots: slots.map((slot) => ({
      ...slot,
      name: stepsOf.get(slot.jobId)?.find(({ id }) => id === slot.work)?.name ?? slot.work,
      blockedBy:
        waiting.find(
          ({ jobId, kind, until }) => jobId === slot.jobId && until > slot.from && kind.blocks.includes(slot.work),
        ) ?? null,
    })),
    jobs: dated.map(({ jobId, days, steps }) => {
      const short = shortMin.get(jobId) ?? 0;
      return {
        ...{ jobId, wantedOn: days.wantedOn as string, shortMin: short },
        leftMin: steps.reduce((sum, { minutes }) => sum + minutes, 0),
        ...{ beginBy: begins.get(jobId) ?? null, next: steps[0]?.name ?? null },
      };
    }),
  };
}

const meetingOf = (jobId: number, appointment: Appointment): Meeting => {
  const from = momentOf(appointment.at);
  return { jobId, appointment, from, to: from + appointment.minutes };
};

/** When a garment is to be given away for the last time: nothing is sewn after that. Never, where nobody is met for it any more. */
const handedOverAt = ({ appointments }: DaysWorking, now: Moment): Moment => {
  const hours = appointments.filter(({ kind }) => kind === "handover").map(({ at }) => momentOf(at));
  const toCome = hours.filter((hour) => hour > now);
  return toCome.length === 0 ? Number.POSITIVE_INFINITY : Math.max(...toCome);
};

/** When the work of a day ends; a day nobody works ends with its midnight. */
function endOf(day: string, hours: WorkHours): Moment {
  return hoursOf(hours, day).at(-1)?.to ?? momentAt(dayAfter(day), 0, hours.zone);
}
