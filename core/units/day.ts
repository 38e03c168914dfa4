import { fail, ok, type Result } from "../result.ts";

const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;

/** First day anything can be dated: before it, a digit is wrong. */
const FIRST_DAY = "1990-01-01";

/**
 * Reads a day written `2026-03-14`.
 *
 * @param latest the last day allowed, written alike: nothing is measured in the future.
 * @returns the day as it came, or the problem `day-unreadable` / `day-out-of-range`.
 */
export function parseDay(text: string, latest: string): Result<string> {
  const match = DAY.exec(text.trim());
  if (!match || !isOnCalendar(Number(match[1]), Number(match[2]), Number(match[3]))) {
    return fail("day-unreadable", `Expected a day such as 2026-03-14, but got “${text.slice(0, 20)}”.`);
  }
  const day = match[0];
  if (day < FIRST_DAY || day > latest) {
    return fail("day-out-of-range", `Expected a day from ${FIRST_DAY} to ${latest}, but got ${day}.`);
  }
  return ok(day);
}

function isOnCalendar(year: number, month: number, day: number): boolean {
  const leap = (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0;
  const days = [31, leap ? 29 : 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];
  return day >= 1 && day <= (days[month - 1] ?? 0);
}

const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

/** Writes a day for reading: `14 Mar 2026`. A text that is no day comes back as it is. */
export function formatDay(day: string): string {
  const match = DAY.exec(day);
  return match ? `${Number(match[3])} ${MONTHS[Number(match[2]) - 1]} ${match[1]}` : day;
}
