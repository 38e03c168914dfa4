import dayjs from "dayjs";
import timezone from "dayjs/plugin/timezone.js";
import utc from "dayjs/plugin/utc.js";
import { lately } from "../lately.ts";

dayjs.extend(utc);
dayjs.extend(timezone);

/** Moments are minutes since 1970 in UTC: whole, easily compared. */
export type Moment = number;

const MINUTE_MS = 60_000;

const [MINUTES_A_DAY, YEAR_0, DAYS_TO_1970] = [24 * 60, -4800, 2_472_633] as const;

/** A moment from its text in UTC, `2026-11-27T09:30:00.000Z`: read digit by digit, since a page reads thousands. The day is that of the Julian calendar's count. */
export function momentOf(iso: string): Moment {
  const part = (from: number, to: number) => Number(iso.slice(from, to));
  const [year, month, day] = [part(0, 4), part(5, 7), part(8, 10)];
  // The year begins with March, so that a leap day is its last.
  const early = month < 3 ? 1 : 0;
  const [y, m] = [year - YEAR_0 - early, month + 12 * early - 3];
  const days =
    day + Math.floor((153 * m + 2) / 5) + 365 * y + Math.floor(y / 4) - Math.floor(y / 100) + Math.floor(y / 400);
  const seconds = part(17, 19);
  return (days - DAYS_TO_1970) * MINUTES_A_DAY + part(11, 13) * 60 + part(14, 16) + (seconds >= 30 ? 1 : 0);
}

/** A moment as its text in UTC. */
export const isoOf = (moment: Moment): string => dayjs.utc(moment * MINUTE_MS).toISOString();

/** True for the name of a zone that this machine knows. */
export function isZoneName(zone: string): boolean {
  try {
    return new Intl.DateTimeFormat("en", { timeZone: zone }).resolvedOptions().timeZone !== "";
  } catch {
    return false;
  }
}

/** The moment at which a clock of a zone shows so many minutes after midnight of a day, whichever offset counts there then. */
export const momentAt = lately(
  (day: string, minutes: number, zone: string): Moment => {
    const time = `${String(Math.floor(minutes / 60)).padStart(2, "0")}:${String(minutes % 60).padStart(2, "0")}`;
    return Math.round(dayjs.tz(`${day} ${time}`, "YYYY-MM-DD HH:mm", zone).valueOf() / MINUTE_MS);
  },
  { most: 20_000 },
);

/** The day a moment falls on in a zone, ISO. */
export const dayOf = (moment: Moment, zone: string): string =>
  dayjs
    .utc(moment * MINUTE_MS)
    .tz(zone)
    .format("YYYY-MM-DD");

/** What a clock of a zone shows at a moment: `14:30`. */
export const timeOf = (moment: Moment, zone: string): string =>
  dayjs
    .utc(moment * MINUTE_MS)
    .tz(zone)
    .format("HH:mm");

/** A day so many days on, ISO. */
export const dayAfter = (day: string, days = 1): string => dayjs.utc(day).add(days, "day").format("YYYY-MM-DD");

/** Day of the week, 0 for Monday. */
export const weekdayOf = (day: string): number => (dayjs.utc(day).day() + 6) % 7;
