import type { PlacedBone } from "./placeBones.ts";

/** A bone as it is bought. */
export interface CutBone extends PlacedBone {
  /** Null where its channel is too short for any. */
  readonly lengthMm: number | null;
}
