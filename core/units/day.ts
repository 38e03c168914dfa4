import dayjs from "dayjs";
import customParseFormat from "dayjs/plugin/customParseFormat.js";
import utc from "dayjs/plugin/utc.js";
import { fail, ok, type Result } from "../result.ts";

dayjs.extend(customParseFormat);
dayjs.extend(utc);

/** How a day is kept, and how it is shown everywhere. */
const KEPT = "YYYY-MM-DD";
const SHOWN = "D MMM YYYY";

/** Ways a day may be typed. With strokes, day and month could be either way round: such a day is not guessed. */
const TYPED = [KEPT, SHOWN, "D MMMM YYYY", "D.M.YYYY"];

/** First day anything can be dated: before it, a digit is wrong. */
const FIRST_DAY = "1990-01-01";

/** Months begin with a capital, whichever way they were typed. */
const capitals = (text: string): string =>
  text.trim().replace(/[a-z]+/gi, (word) => word.charAt(0).toUpperCase() + word.slice(1).toLowerCase());

/**
 * Reads a day as makers type one: `2026-03-14`, `14 Mar 2026`, `14.3.2026`.
 *
 * @param latest the last day allowed, ISO: nothing is measured in the future.
 * @returns the day in ISO, or the problem `day-unreadable` / `day-out-of-range`.
 */
export function parseDay(text: string, latest: string): Result<string> {
  const read = TYPED.map((format) => dayjs.utc(capitals(text), format, true)).find((one) => one.isValid());
  if (!read) {
    const noSuch = noSuchDay(capitals(text));
    if (noSuch) return fail("day-unreadable", `${noSuch}, but got “${text.slice(0, 20)}”.`);
    return fail("day-unreadable", `Expected a day such as 14 Mar 2026, but got “${text.slice(0, 20)}”.`);
  }
  const day = read.format(KEPT);
  if (day < FIRST_DAY || day > latest) {
    return fail(
      "day-out-of-range",
      `Expected a day from ${formatDay(FIRST_DAY)} to ${formatDay(latest)}, but got ${formatDay(day)}.`,
    );
  }
  return ok(day);
}

/** The first day of a month, as each way of writing one has it. */
const FIRST_OF_MONTH: readonly (readonly [RegExp, string])[] = [
  [/^(\d{4}-\d{2})-\d{2}$/, "$1-01"],
  [/^\d{1,2}( [A-Z][a-z]+ \d{4})$/, "1$1"],
  [/^\d{1,2}(\.\d{1,2}\.\d{4})$/, "1$1"],
];

/** Where a day is written as one may be and its month has none such: how many it has. */
function noSuchDay(text: string): string | null {
  for (const [written, first] of FIRST_OF_MONTH) {
    const month = written.test(text) ? text.replace(written, first) : "";
    const read = TYPED.map((format) => dayjs.utc(month, format, true)).find((one) => one.isValid());
    if (read) return `Expected a day that there is: ${read.format("MMMM YYYY")} has ${read.daysInMonth()} days`;
  }
  return null;
}

/** Writes a day for reading: `14 Mar 2026`. A text that is no ISO day comes back as it is. */
export function formatDay(day: string): string {
  const read = dayjs.utc(day, KEPT, true);
  return read.isValid() ? read.format(SHOWN) : day;
}

/** Whole days from one day to another (ISO dates); below 0 where the second is the earlier. */
export const daysBetween = (from: string, to: string): number =>
  dayjs.utc(to, KEPT, true).diff(dayjs.utc(from, KEPT, true), "day");
