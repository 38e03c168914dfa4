/** Days after which a sheet asks for its main girths again at the start of a prototype. */
export const STALE_AFTER_DAYS = 90;

/** Girths that are asked for again. */
export const STALE_MEASURES = ["bust", "waist", "hip"] as const;

/**
 * Age of a sheet in whole days where it is too old to start a prototype from; null where it is fresh enough.
 *
 * @param takenOn day of measuring, ISO date.
 * @param today the day it is asked on, ISO date.
 */
export function staleDays(takenOn: string, today: string): number | null {
  const days = dayNumber(today) - dayNumber(takenOn);
  return days > STALE_AFTER_DAYS ? days : null;
}

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
