import { createEvents, type DateArray, type EventAttributes } from "ics";
import { dayAfter, isoOf, type Meeting } from "../../core/days/index.ts";
import { fail, ok, type Result } from "../../core/result.ts";

/** An appointment as a calendar shows it. */
export interface CalendarEntry {
  readonly meeting: Meeting;
  /** What it is called there. */
  readonly title: string;
  readonly note: string;
}

/** Name of the program that wrote it, and of the place ids are unique in. */
const [WRITER, PLACE] = ["stenz", "stenz.invalid"] as const;

/** A day it is wanted on, as a calendar shows it. */
export interface CalendarDay {
  readonly jobId: number;
  readonly day: string;
  readonly title: string;
}

/**
 * The appointments of a workshop as a calendar (RFC 5545), in UTC, with a reminder before each.
 * @param remindMin minutes before an appointment; null for none.
 */
export function calendarIcs(
  entries: readonly CalendarEntry[],
  days: readonly CalendarDay[],
  remindMin: number | null,
): Result<string> {
  const events: EventAttributes[] = [
    ...entries.map(
      ({ meeting: { jobId, appointment, from, to }, title, note }): EventAttributes => ({
        uid: `${jobId}-${appointment.id}@${PLACE}`,
        productId: WRITER,
        title,
        ...(note ? { description: note } : {}),
        ...{ start: partsOf(isoOf(from)), startInputType: "utc", startOutputType: "utc" },
        ...{ end: partsOf(isoOf(to)), endInputType: "utc", endOutputType: "utc" },
        ...(remindMin === null
          ? {}
          : { alarms: [{ action: "display", description: title, trigger: { minutes: remindMin, before: true } }] }),
      }),
    ),
    ...days.map(
      ({ jobId, day, title }): EventAttributes => ({
        uid: `wanted-${jobId}@${PLACE}`,
        productId: WRITER,
        title,
        start: dateOf(day),
        // The day after, as RFC 5545 ends a whole day: a duration of days would be written with a time that is none.
        end: dateOf(dayAfter(day)),
      }),
    ),
  ];
  const { error, value } = createEvents(events);
  return typeof value === "string" && !error
    ? ok(value)
    : fail("calendar", "Expected a calendar of the appointments, but they could not be written.");
}

const dateOf = (day: string): DateArray => day.split("-").map(Number) as DateArray;

const partsOf = (iso: string): DateArray =>
  [iso.slice(0, 4), iso.slice(5, 7), iso.slice(8, 10), iso.slice(11, 13), iso.slice(14, 16)].map(Number) as DateArray;
