import { daysBetween } from "../../units/index.ts";

/** Days after which a sheet asks for its main girths again: at the start of a prototype, and among the days of the workshop. */
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
  const days = daysBetween(takenOn, today);
  return days > STALE_AFTER_DAYS ? days : null;
}
