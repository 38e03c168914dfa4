import { randomBytes } from "node:crypto";
import { isZoneName, WEEKDAYS, type WorkHours } from "../../../core/days/index.ts";
import { parseDay } from "../../../core/units/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  type FormRead,
  group,
  line,
  notes,
  optionalLine,
  orNull,
  tick,
  unless,
  whole,
} from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";

/** Name of the field of a weekday. */
export const weekdayField = (at: number): string => `day${at}`;

const readTyped = formReader(
  group({
    zone: line("a time zone"),
    ...Object.fromEntries(WEEKDAYS.map((name, at) => [weekdayField(at), optionalLine(`hours of ${name}`, 120)])),
    off: notes(),
    remind: orNull(whole({ what: "minutes before", least: 0, most: 20_160 })),
    named: tick(),
    feed: tick(),
  }),
);

/** Random bytes of a secret: nobody guesses it. */
const SECRET_BYTES = 24;

/** Reads the working hours: each day from and to, days off a line each. */
export function readDaysSettings(fields: Fields, before: WorkHours): FormRead<WorkHours> {
  const read = readTyped(fields);
  if (!read.ok) return read;
  const { zone, off, remind, named, feed } = read.value as typeof read.value & Readonly<Record<string, unknown>>;
  const week = WEEKDAYS.map((_, at) => hoursFrom(String(fields[weekdayField(at)] ?? "")));
  const days = String(off)
    .split(/[\n;]+/)
    .map((text) => text.trim())
    .filter((text) => text !== "")
    .map((text) => parseDay(text, "2099-12-31"));
  const wrong = {
    ...(isZoneName(String(zone))
      ? {}
      : { zone: `Expected the name of a time zone such as Europe/Vienna, but got “${String(zone).slice(0, 40)}”.` }),
    ...Object.fromEntries(
      week.flatMap((hours, at) => (typeof hours === "string" ? [[weekdayField(at), hours] as const] : [])),
    ),
    ...(days.find((one) => !one.ok) ? { off: messageOf(days) } : {}),
  };
  return unless<WorkHours>(wrong, () => ({
    zone: String(zone),
    week: week.flatMap((hours) => (typeof hours === "string" ? [] : [hours])),
    off: [...new Set(days.flatMap((one) => (one.ok ? [one.value] : [])))].toSorted(),
    named: named === true,
    remindMin: remind as number | null,
    secret: feed === true ? (before.secret ?? randomBytes(SECRET_BYTES).toString("base64url")) : null,
  }));
}

const messageOf = (days: readonly ReturnType<typeof parseDay>[]): string => {
  const wrong = days.find((one) => !one.ok);
  return wrong && !wrong.ok ? wrong.problem.message : "";
};

const SPAN = /^(\d{1,2})(?::(\d{2}))?\s*[-–]\s*(\d{1,2})(?::(\d{2}))?$/;

/** Hours of a day as they are typed: `9:00-13:00, 14:00-17:30`; what is wrong with them, as a sentence. */
function hoursFrom(text: string): [number, number][] | string {
  const spans: [number, number][] = [];
  for (const part of text.split(",").map((one) => one.trim())) {
    if (part === "") continue;
    const [, h1, m1 = "0", h2, m2 = "0"] = SPAN.exec(part) ?? [];
    const [from, to] = [Number(h1) * 60 + Number(m1), Number(h2) * 60 + Number(m2)];
    if (!(from < to && to <= 24 * 60) || Number(m1) > 59 || Number(m2) > 59)
      return `Expected hours such as 9:00-13:00, 14:00-17:30, but got “${part.slice(0, 30)}”.`;
    if (from < (spans.at(-1)?.[1] ?? 0))
      return `Expected hours one after another, but “${part}” begins before those ahead of it end.`;
    spans.push([from, to]);
  }
  return spans.length > 6 ? "Expected at most six spans of hours a day." : spans;
}
