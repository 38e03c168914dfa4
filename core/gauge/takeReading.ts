import { median } from "../median.ts";
import type { GaugeReading } from "./line.ts";

/** Readings at the end of a hold that are taken together, s. */
export const TAKEN_OVER_S = 2;

/**
 * The step read at the end of a hold: the medians of the last two seconds, so that one knock on the bench does not
 * count.
 *
 * @returns null while there are fewer than three readings.
 */
export function takeReading(
  readings: readonly GaugeReading[],
): { readonly forceN: number; readonly lengthMm: number } | null {
  const end = readings.at(-1)?.t ?? 0;
  const last = readings.filter(({ t }) => t > end - TAKEN_OVER_S);
  if (last.length < 3) return null;
  return { forceN: median(last.map(({ n }) => n)), lengthMm: median(last.map(({ mm }) => mm)) };
}
