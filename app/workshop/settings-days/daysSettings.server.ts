import { randomBytes } from "node:crypto";
import { isZoneName, WEEKDAYS, type WorkHours } from "../../../core/days/index.ts";
import { fail, ok, type Result } from "../../../core/result.ts";
import { parseDay } from "../../../core/units/index.ts";
import { formReader } from "../../../formats/form/formReader.ts";
import {
  all,
  type FormRead,
  type FormSchema,
  group,
  line,
  orElse,
  orNull,
  tick,
  whole,
} from "../../../formats/form/index.ts";
import type { Fields } from "../../form/unsaved.ts";
import { weekdayField } from "./daysFields.ts";

/** From and to, minutes after midnight. */
type Hours = WorkHours["week"][number];

/** No day has more spans of hours. */
const MOST_SPANS = 6;

/** Random bytes of a secret: nobody guesses it. */
const SECRET_BYTES = 24;

/** The last day that is planned for. */
const LAST_DAY = "2099-12-31";

const FIELDS = WEEKDAYS.map((_, at) => weekdayField(at));

const readWeek = formReader(all(FIELDS, () => orElse(hoursOfDay(), [])));

const readOthers = formReader(
  group({
    zone: zoneName(),
    off: orElse(daysOff(), []),
    remind: orNull(whole({ what: "minutes before", least: 0, most: 20_160 })),
    named: tick(),
    feed: tick(),
  }),
);

/** Reads the working hours: each day from and to, days off a line each. */
export function readDaysSettings(fields: Fields, before: WorkHours): FormRead<WorkHours> {
  const [week, others] = [readWeek(fields), readOthers(fields)];
  if (!week.ok || !others.ok)
    return { ok: false, errors: { ...(week.ok ? {} : week.errors), ...(others.ok ? {} : others.errors) } };
  const { zone, off, remind: remindMin, named, feed } = others.value;
  const secret = feed ? (before.secret ?? randomBytes(SECRET_BYTES).toString("base64url")) : null;
  return {
    ok: true,
    value: { zone, week: FIELDS.map((name) => week.value[name] ?? []), off, named, remindMin, secret },
  };
}

/** The name of a time zone this machine knows. */
function zoneName(): FormSchema<string> {
  const title = "the name of a time zone such as Europe/Vienna";
  return {
    ...line("a time zone"),
    reads: (text) =>
      isZoneName(text) ? ok(text) : fail("no-zone", `Expected ${title}, but got “${text.slice(0, 40)}”.`),
  };
}

/** Days off, one a line. */
function daysOff(): FormSchema<string[]> {
  return {
    type: "array",
    reads: (text) => {
      const days = new Set<string>();
      for (const typed of text.split(/[\n;]+/).map((one) => one.trim())) {
        if (typed === "") continue;
        const day = parseDay(typed, LAST_DAY);
        if (!day.ok) return day;
        days.add(day.value);
      }
      return ok([...days].toSorted());
    },
  };
}

const SPAN = /^(\d{1,2})(?::(\d{2}))?\s*[-–]\s*(\d{1,2})(?::(\d{2}))?$/;

/** Hours of a day as they are typed: `9:00-13:00, 14:00-17:30`. */
function hoursOfDay(): FormSchema<Hours> {
  return { type: "array", reads: hoursFrom };
}

function hoursFrom(text: string): Result<Hours> {
  const spans: Hours = [];
  for (const part of text.split(",").map((one) => one.trim())) {
    if (part === "") continue;
    const [, h1, m1 = "0", h2, m2 = "0"] = SPAN.exec(part) ?? [];
    const [from, to] = [Number(h1) * 60 + Number(m1), Number(h2) * 60 + Number(m2)];
    if (!(from < to && to <= 24 * 60) || Number(m1) > 59 || Number(m2) > 59)
      return fail("no-hours", `Expected hours such as 9:00-13:00, 14:00-17:30, but got “${part.slice(0, 30)}”.`);
    if (from < (spans.at(-1)?.[1] ?? 0))
      return fail(
        "hours-crossed",
        `Expected hours one after another, but “${part}” begins before those ahead of it end.`,
      );
    spans.push([from, to]);
  }
  return spans.length > MOST_SPANS ? fail("too-many", "Expected at most six spans of hours a day.") : ok(spans);
}
