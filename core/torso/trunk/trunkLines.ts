import type { TrunkPart } from "../../body/index.ts";
import { CENTRE, LEVEL, type Point, smooth } from "../../figure/index.ts";

/** The line of one part of the trunk loop on the figure, and where its amount is written. */
export interface TrunkLine {
  readonly part: TrunkPart;
  readonly path: string;
  /** Middle of the line. */
  readonly at: Point;
}

const SHOULDER: Point = [CENTRE + 25, 70];
const WAIST_AT: Point = [CENTRE + 5, LEVEL.waist];
const CROTCH: Point = [CENTRE, LEVEL.crotch];

const FRONT_ABOVE = smooth([SHOULDER, [CENTRE + 21, 98], [CENTRE + 18, LEVEL.bust], [CENTRE + 9, 152], WAIST_AT]);
const BACK_ABOVE = smooth([SHOULDER, [CENTRE + 17, 100], [CENTRE + 9, 140], WAIST_AT]);
const BELOW = smooth([WAIST_AT, [CENTRE + 3, 214], CROTCH]);

/** The parts of the trunk loop on the front and the back of the figure, from the shoulder down. */
export const TRUNK_LINES: Readonly<Record<"front" | "back", readonly TrunkLine[]>> = {
  front: [
    { part: "frontWaist", path: FRONT_ABOVE, at: [CENTRE + 17, 130] },
    { part: "crotchFront", path: BELOW, at: [CENTRE + 4, 216] },
  ],
  back: [
    { part: "backWaist", path: BACK_ABOVE, at: [CENTRE + 12, 128] },
    { part: "crotchBack", path: BELOW, at: [CENTRE + 4, 216] },
  ],
};
