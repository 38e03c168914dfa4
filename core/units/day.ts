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

/** Whole days from one day to another (ISO dates); below 0 where the second is the earlier. */
export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from);

/** Days of the Gregorian calendar, counted without a clock: the year is taken to begin in March, leap day last. */
function dayNumber(day: string): number {
  const [year = 0, month = 1, date = 1] = day.split("-").map(Number);
  const shifted = month <= 2 ? year - 1 : year;
  const era = Math.floor(shifted / 400);
  const yearOfEra = shifted - era * 400;
  const dayOfYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + date - 1;
  const dayOfEra = yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear;
  return era * 146_097 + dayOfEra;
}
