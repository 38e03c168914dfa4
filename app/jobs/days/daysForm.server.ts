import {
  APPOINTMENT_KINDS,
  type Appointment,
  isoOf,
  LONGEST_APPOINTMENT_MIN,
  type Moment,
  momentAt,
  WAIT_KINDS,
  type Wait,
  type WorkHours,
} from "../../../core/days/index.ts";
import { formatDay } from "../../../core/units/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  anyDay,
  choice,
  type FormRead,
  group,
  optionalLine,
  orElse,
  orNull,
  timeOfDay,
  unless,
  whole,
} from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";

/** How long one meets where nothing else is said, minutes. */
const USUAL_MIN = 60;

const readMeeting = formReader(
  group({
    kind: choice(
      "what for",
      APPOINTMENT_KINDS.map(({ id }) => id),
    ),
    day: anyDay("a day"),
    time: timeOfDay("a time"),
    minutes: orElse(whole({ what: "how many minutes", least: 5, most: LONGEST_APPOINTMENT_MIN }), USUAL_MIN),
    note: optionalLine("a note", 300),
  }),
);

/** Reads an appointment: in the workshop's zone, and not past. */
export function readAppointment(
  fields: Fields,
  { zone }: Pick<WorkHours, "zone">,
  now: Moment,
): FormRead<Omit<Appointment, "id">> {
  const read = readMeeting(fields);
  if (!read.ok) return read;
  const { kind, day, time, minutes, note } = read.value;
  const at = momentAt(day, time, zone);
  const past = at < now ? { day: `Expected a time to come, but ${formatDay(day)}, ${fields.time} is past.` } : {};
  return unless<Omit<Appointment, "id">>(past, () => ({ kind, at: isoOf(at), minutes, note }));
}

const readOneWait = formReader(
  group({
    wait: choice(
      "what waits",
      WAIT_KINDS.map(({ id }) => id),
    ),
    what: optionalLine("which cloth or piece", 120),
    sinceDay: orNull(anyDay("a day")),
    sinceTime: orNull(timeOfDay("a time")),
  }),
);

/** Reads a wait: from now on, or from a time that is past. */
export function readWait(fields: Fields, { zone }: Pick<WorkHours, "zone">, now: Moment): FormRead<Omit<Wait, "id">> {
  const read = readOneWait(fields);
  if (!read.ok) return read;
  const { wait: kind, what, sinceDay, sinceTime } = read.value;
  const since = sinceDay === null ? now : momentAt(sinceDay, sinceTime ?? 0, zone);
  const later = since > now ? { sinceDay: "Expected a time that is past: it waits from when it was begun." } : {};
  return unless<Omit<Wait, "id">>(later, () => ({ kind, what, since: isoOf(since) }));
}

const readWanted = formReader(group({ wantedOn: orNull(anyDay("the day it is wanted")) }));

/** Reads the day a job is wanted; empty for none. */
export const readWantedOn = (fields: Fields): FormRead<{ readonly wantedOn: string | null }> => readWanted(fields);
