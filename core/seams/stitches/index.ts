import { s406, s407 } from "./cover.ts";
import { s504, s514 } from "./overedge.ts";
import { s301 } from "./s301.ts";
import { s401 } from "./s401.ts";
import { s607 } from "./s607.ts";
import type { Stitch } from "./stitch.ts";
import { s304, s321 } from "./zigzag.ts";

export { STITCH_LENGTH_MM, type Stitch, type ThreadRun } from "./stitch.ts";

/** Every stitch, by its number; adding one is adding a file and a line. */
export const STITCHES: readonly Stitch[] = [s301, s304, s321, s401, s406, s407, s504, s514, s607];

/** Their numbers. */
export const STITCH_IDS = ["301", "304", "321", "401", "406", "407", "504", "514", "607"] as const;

/** One of {@link STITCH_IDS}. */
export type StitchId = (typeof STITCH_IDS)[number];

/** A stitch by its number. @throws Error for one that is none. */
export function stitchOf(id: string): Stitch {
  const stitch = STITCHES.find((one) => one.id === id);
  if (!stitch) throw new Error(`There is no stitch ${id}.`);
  return stitch;
}
