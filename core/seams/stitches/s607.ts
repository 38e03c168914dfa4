import { loopRun, straightRun } from "./runs.ts";
import type { Stitch } from "./stitch.ts";

/** 607: both edges lie flat between covering threads above and below. Its needles between the outer two are set alike. */
export const s607: Stitch = {
  ...{ id: "607", name: "flat seam", widthMm: [4, 8], steps: null, differential: true },
  positions: ["leftNeedle", "middleNeedle", "rightNeedle", "upperLooper", "lowerLooper"],
  drawn: ({ lengthMm, widthMm }, count) => [
    { position: "lowerLooper", under: true, points: loopRun(lengthMm, count, -widthMm / 2, widthMm / 2) },
    { position: "upperLooper", under: false, points: loopRun(lengthMm, count, widthMm / 2, -widthMm / 2) },
    ...([-1 / 2, -1 / 6, 1 / 6, 1 / 2] as const).map((part, at) => ({
      position: at === 0 ? ("leftNeedle" as const) : at === 3 ? ("rightNeedle" as const) : ("middleNeedle" as const),
      under: false,
      points: straightRun(lengthMm, count, part * widthMm),
    })),
  ],
};
