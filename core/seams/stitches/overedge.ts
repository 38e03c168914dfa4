import type { Position } from "../position.ts";
import { loopRun, straightRun } from "./runs.ts";
import type { Stitch } from "./stitch.ts";

/** Width from the needle to the cut edge, mm. */
const WIDTH_MM = [2, 9] as const;

/** The right needle of two runs this part of the width further in. */
const SECOND_AT = 0.3;

const overedgeOf = (id: string, name: string, needles: readonly Position[]): Stitch => ({
  ...{ id, name, positions: [...needles, "upperLooper", "lowerLooper"], widthMm: WIDTH_MM, steps: null },
  differential: true,
  drawn: ({ lengthMm, widthMm }, count) => {
    const [needle, edge] = [-widthMm / 2, widthMm / 2];
    return [
      { position: "lowerLooper", under: true, points: loopRun(lengthMm, count, edge, needle) },
      { position: "upperLooper", under: false, points: loopRun(lengthMm, count, edge, needle) },
      ...needles.map((position, at) => ({
        ...{ position, under: false },
        points: straightRun(lengthMm, count, needle + at * SECOND_AT * widthMm),
      })),
    ];
  },
});

/** 504: over the edge with three threads. */
export const s504 = overedgeOf("504", "three-thread overlock", ["leftNeedle"]);

/** 514: over the edge with four threads. */
export const s514 = overedgeOf("514", "four-thread overlock", ["leftNeedle", "rightNeedle"]);
