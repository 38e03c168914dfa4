import { daysBetween } from "../units/index.ts";

/** Measures are taken again after so many days. */
export const OLD_AFTER_DAYS = 90;

/** How old measures are on a day, in days, where they are too old to cut by; null where they are not. */
export function oldMeasures(measuredOn: string, day: string): number | null {
  const days = daysBetween(measuredOn, day);
  return days > OLD_AFTER_DAYS ? days : null;
}
