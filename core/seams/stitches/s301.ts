import { straightRun } from "./runs.ts";
import type { Stitch } from "./stitch.ts";

/** 301: two threads locked in the middle of the cloth. */
export const s301: Stitch = {
  ...{ id: "301", name: "lockstitch", positions: ["leftNeedle", "bobbin"], widthMm: null, steps: null },
  differential: false,
  drawn: ({ lengthMm }, count) => [
    { position: "bobbin", under: true, points: straightRun(lengthMm, count, 0.25) },
    { position: "leftNeedle", under: false, points: straightRun(lengthMm, count, 0) },
  ],
};
