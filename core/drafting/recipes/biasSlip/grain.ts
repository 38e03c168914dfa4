import { point } from "../../geometry/index.ts";

/** Half the length of the arrow that shows the grain, across and down, mm. */
const REACH_MM = 30;

/** The grain of a piece that is cut on the bias: at 45° to its centre. */
export const biasGrain = (x: number, y: number) => ({
  from: point(x - REACH_MM, y - REACH_MM),
  to: point(x + REACH_MM, y + REACH_MM),
});
