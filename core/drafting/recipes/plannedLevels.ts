import type { PlannedLevel } from "../draft.ts";
import type { LowerLevel } from "./lowerLevels.ts";

/** A level this near an end of the side is still on it, mm. */
const ON_SIDE_MM = 0.01;

/**
 * What is planned at each level, and which of them the side does not reach.
 * @param fromMm,toMm where the side begins and ends, along it, below the waist.
 */
export const plannedLevels = (
  levels: readonly LowerLevel[],
  { fromMm, toMm }: { readonly fromMm: number; readonly toMm: number },
): PlannedLevel[] =>
  levels.map(({ zone, girthMm, belowWaistMm }) => {
    const level = { level: zone, plannedMm: girthMm };
    if (belowWaistMm < fromMm - ON_SIDE_MM) return { ...level, past: { end: "start", mm: fromMm - belowWaistMm } };
    if (belowWaistMm > toMm + ON_SIDE_MM) return { ...level, past: { end: "end", mm: belowWaistMm - toMm } };
    return level;
  });
