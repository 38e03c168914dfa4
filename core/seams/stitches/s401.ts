import { loopRun, straightRun } from "./runs.ts";
import type { Stitch } from "./stitch.ts";

/** 401: a needle thread held by a looper underneath. */
export const s401: Stitch = {
  ...{ id: "401", name: "chain stitch", positions: ["leftNeedle", "lowerLooper"], widthMm: null, steps: null },
  differential: false,
  drawn: ({ lengthMm }, count) => [
    { position: "lowerLooper", under: true, points: loopRun(lengthMm, count, 0, 0.9) },
    { position: "leftNeedle", under: false, points: straightRun(lengthMm, count, 0) },
  ],
};
