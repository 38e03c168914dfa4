import { fail, ok, type Result } from "../result.ts";

/** Kept free at each end of a channel, mm. */
export const BONE_FREE_MM = 12;

/** Stock lengths go by steps of 5 mm, or of half an inch. */
export const STOCK_STEPS_MM = { mm: 5, inch: 12.7 } as const;

/** A channel that measures a whole step is one, however its length was worked out. */
const ON_STEP = 1e-9;

/**
 * The bone for a channel, mm: its length along the seam line less 12 mm at either end and what the binding takes, rounded down to the
 * stock step, as a bone that is too long cuts through.
 * @returns it; or `channel-too-short` where no step of it is left.
 */
export function boneLength(channelMm: number, turnedMm: number, stepMm: number): Result<number> {
  const freeMm = channelMm - 2 * BONE_FREE_MM - turnedMm;
  const steps = Math.floor(freeMm / stepMm + ON_STEP);
  return steps >= 1
    ? ok(steps * stepMm)
    : fail(
        "channel-too-short",
        `Expected a channel longer than ${(2 * BONE_FREE_MM + turnedMm + stepMm).toFixed(0)} mm for the shortest bone, but it is ${channelMm.toFixed(0)} mm.`,
      );
}
