import { redirect } from "react-router";
import {
  type DaysWorking,
  isoOf,
  MOST_APPOINTMENTS,
  MOST_WAITS,
  type Moment,
  momentAt,
  momentOf,
  timeOf,
  type WorkHours,
} from "../../../core/days/index.ts";
import { fail, ok, type Result } from "../../../core/result.ts";
import { formatDay, parseDay } from "../../../core/units/index.ts";
import { savedOrThrow } from "../../../data/db/index.ts";
import type { Repositories, Store } from "../../../data/store.ts";
import { draftName } from "../../../formats/kept/draftNames.ts";
import { found, invalid } from "../../.server/http/answers.ts";
import { readWorkHours } from "../../.server/read/workshopDays.ts";
import type { Fields } from "../../form/unsaved.ts";
import { readAppointment, readWait, readWantedOn } from "./daysForm.server.ts";

/** Moment the server's clock shows. */
export const nowMoment = (): Moment => momentOf(new Date().toISOString());

const nextId = (all: readonly { readonly id: number }[]): number => Math.max(0, ...all.map(({ id }) => id)) + 1;

/** Keeps the days of a job changed: whatever else was changed meanwhile stays. */
async function change(
  { jobs, workings }: Repositories,
  jobId: number,
  to: (before: DaysWorking) => Result<DaysWorking>,
): Promise<Result<null>> {
  found(await jobs.find(jobId), "job");
  const { working, texts, version } = await workings.find(jobId, "days");
  const changed = to(working);
  if (!changed.ok) return changed;
  savedOrThrow(await workings.save(jobId, "days", { working: changed.value, texts, version }));
  return ok(null);
}

/** Where the browser goes once it is done. */
const backTo = ({ back }: Fields, jobId: number): string =>
  back !== undefined && /^\/days(\?day=\d{4}-\d{2}-\d{2})?$/.test(back) ? back : `/jobs/${jobId}/sewing`;

interface Asked {
  /** Which field a refusal stands at. */
  readonly field: string;
  readonly to: (before: DaysWorking) => Result<DaysWorking>;
  /** A draft that is done with. */
  readonly drops?: string;
}

type Read = (fields: Fields, jobId: number, hours: WorkHours) => Asked | { readonly errors: Record<string, string> };

const remove =
  (list: "appointments" | "waits"): Read =>
  (fields) => ({
    field: "form",
    to: (before) => {
      const left = before[list].filter(({ id }) => String(id) !== fields.id);
      return left.length === before[list].length
        ? fail("gone", "Expected something of this job's days, but it is not there any more.")
        : ok({ ...before, [list]: left });
    },
  });

/** Everything that can be asked of the days of a job; adding one is adding a line. */
const INTENTS: Readonly<Record<string, Read>> = {
  wanted: (fields) => {
    const read = readWantedOn(fields);
    return read.ok
      ? { field: "wantedOn", to: (before) => ok({ ...before, ...read.value }) }
      : { errors: { ...read.errors } };
  },
  meet: (fields, jobId, hours) => {
    const read = readAppointment(fields, hours, nowMoment());
    if (!read.ok) return { errors: { ...read.errors } };
    return {
      ...{ field: "form", drops: draftName("appointment", jobId) },
      to: (before) =>
        before.appointments.length >= MOST_APPOINTMENTS
          ? fail("too-many", `Expected at most ${MOST_APPOINTMENTS} appointments for a job.`)
          : ok({
              ...before,
              appointments: [...before.appointments, { ...read.value, id: nextId(before.appointments) }],
            }),
    };
  },
  unmeet: remove("appointments"),
  move: (fields, _, hours) => {
    const day = parseDay(fields.day ?? "", "2099-12-31");
    if (!day.ok) return { errors: { form: day.problem.message } };
    return { field: "form", to: (before) => moved(before, fields.id ?? "", day.value, hours) };
  },
  wait: (fields, _, hours) => {
    const read = readWait(fields, hours, nowMoment());
    if (!read.ok) return { errors: { ...read.errors } };
    return {
      field: "form",
      to: (before) =>
        before.waits.length >= MOST_WAITS
          ? fail("too-many", `Expected at most ${MOST_WAITS} waits for a job.`)
          : ok({ ...before, waits: [...before.waits, { ...read.value, id: nextId(before.waits) }] }),
    };
  },
  unwait: remove("waits"),
};

/** An appointment on another day, at its own time of day, whichever offset counts there. */
function moved(before: DaysWorking, id: string, day: string, { zone }: WorkHours): Result<DaysWorking> {
  const one = before.appointments.find((each) => String(each.id) === id);
  if (!one) return fail("gone", "Expected an appointment of this job, but it is not there any more.");
  const [hours = 0, minutes = 0] = timeOf(momentOf(one.at), zone).split(":").map(Number);
  const at = momentAt(day, hours * 60 + minutes, zone);
  if (at < nowMoment())
    return fail("past", `Expected a time to come, but ${formatDay(day)}, ${timeOf(at, zone)} is past.`);
  return ok({
    ...before,
    appointments: before.appointments.map((each) => (each === one ? { ...one, at: isoOf(at) } : each)),
  });
}

/** True for something that is asked of a job's days. */
export const isDaysIntent = (intent: string | undefined): boolean =>
  intent !== undefined && Object.hasOwn(INTENTS, intent);

/** Does what a form asks of the days of a job. */
export async function changeDays(fields: Fields, jobId: number, store: Store) {
  const hours = await readWorkHours(store);
  const asked = INTENTS[fields.intent ?? ""]?.(fields, jobId, hours);
  if (!asked) return invalid(fields, { form: "Expected what is to be done with its days, but it was not said." });
  if ("errors" in asked) return invalid(fields, asked.errors);
  return store.inTransaction(async (all) => {
    const done = await change(all, jobId, asked.to);
    if (!done.ok) return invalid(fields, { [asked.field]: done.problem.message });
    if (asked.drops) await all.drafts.drop(asked.drops);
    return redirect(backTo(fields, jobId));
  });
}
