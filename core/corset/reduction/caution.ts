import type { ClosedLevel, LevelBody } from "./closed.ts";

/** How careful one has to be with a reduction: it never hides a number. */
export type ReductionCaution = "none" | "typedOnly" | "stop";

/** Above this part of the waist a reduction is only typed, never proposed; above the next it is a stop sign. */
export const TYPED_ONLY_OVER = 0.1;
export const STOP_OVER = 0.15;

/** Parts of a girth are told apart to this: what is on a limit has not passed it, however it was rounded. */
const ON_LIMIT = 1e-9;

/** The part of the body's girth that is taken off; below 0 where the garment is larger. */
export const reductionOf = ({ bodyMm, closedMm }: Pick<ClosedLevel, "bodyMm" | "closedMm">): number =>
  1 - closedMm / bodyMm;

/** The caution of a closed waist: by the part taken off, and by what the body offers. */
export function cautionOf(
  level: Pick<ClosedLevel, "bodyMm" | "closedMm">,
  { cinchedMm }: Pick<LevelBody, "cinchedMm">,
): ReductionCaution {
  const part = reductionOf(level);
  const belowCinched = cinchedMm !== undefined && level.closedMm < cinchedMm - ON_LIMIT * cinchedMm;
  if (part > STOP_OVER + ON_LIMIT || belowCinched) return "stop";
  return part > TYPED_ONLY_OVER + ON_LIMIT ? "typedOnly" : "none";
}

/** Strain of the seated body in a garment that was closed standing: `seated / C − 1`. */
export const seatedStrain = (closedMm: number, seatedMm: number): number => seatedMm / closedMm - 1;
