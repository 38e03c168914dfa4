import type { Position } from "../position.ts";
import { loopRun, straightRun } from "./runs.ts";
import type { Stitch } from "./stitch.ts";

/** Width between the outer needles, mm. */
const WIDTH_MM = [2, 9] as const;

const coverOf = (id: string, name: string, needles: readonly Position[]): Stitch => ({
  ...{ id, name, positions: [...needles, "lowerLooper"], widthMm: WIDTH_MM, steps: null, differential: true },
  drawn: ({ lengthMm, widthMm }, count) => [
    { position: "lowerLooper", under: true, points: loopRun(lengthMm, count, -widthMm / 2, widthMm / 2) },
    ...needles.map((position, at) => ({
      ...{ position, under: false },
      points: straightRun(lengthMm, count, (at / (needles.length - 1) - 0.5) * widthMm),
    })),
  ],
});

/** 406: two needles, a looper across underneath. */
export const s406 = coverOf("406", "two-needle cover stitch", ["leftNeedle", "rightNeedle"]);

/** 407: three needles, a looper across underneath. */
export const s407 = coverOf("407", "three-needle cover stitch", ["leftNeedle", "middleNeedle", "rightNeedle"]);
