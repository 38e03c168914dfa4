import { zigzagRun } from "./runs.ts";
import type { Stitch } from "./stitch.ts";

/** Width a zigzag can have, mm. */
const WIDTH_MM = [0.5, 9] as const;

const zigzagOf = (id: string, name: string, steps: number): Stitch => ({
  ...{ id, name, positions: ["leftNeedle", "bobbin"], widthMm: WIDTH_MM, steps, differential: false },
  drawn: ({ lengthMm, widthMm }, count) => [
    {
      ...{ position: "bobbin", under: true },
      points: zigzagRun(lengthMm, widthMm, count, steps).map(({ x, y }) => ({ x, y: y + 0.25 })),
    },
    { position: "leftNeedle", under: false, points: zigzagRun(lengthMm, widthMm, count, steps) },
  ],
});

/** 304: a lockstitch from side to side. */
export const s304 = zigzagOf("304", "zigzag", 1);

/** 321: from side to side in three steps. */
export const s321 = zigzagOf("321", "three-step zigzag", 3);
