import { type Edge, PLAIN, type Point, point, smoothCurve } from "../geometry/index.ts";
import { outward, type SideEnd } from "../piece/index.ts";

/** Across a piece, away from the centre. */
const ACROSS = point(1, 0);

/** From the centre, square to it, to the side, square to it: a line that goes on over its seams. */
export const lineAcross = (centre: Point, { at, down }: SideEnd): Edge =>
  smoothCurve({ at: centre, toward: ACROSS }, { at, toward: outward(down) }, PLAIN);
