import polylabel from "polylabel";
import type { Point } from "../../core/drafting/index.ts";
import { chord } from "./nameRoom.ts";

/** The place is found to this, mm. */
const FINE_MM = 2;

/** Where an outline has most room for words across it: the place, how wide it is there, and how high. mm */
export function roomIn(outline: readonly Point[]): {
  readonly at: Point;
  readonly alongMm: number;
  readonly acrossMm: number;
} {
  const ring = outline.map(({ x, y }): [number, number] => [x, y]);
  const pole = polylabel([ring], FINE_MM);
  const [x = 0, y = 0] = pole;
  const { from, to } = chord(ring, x, y);
  const at = (from + to) / 2;
  // Where the middle lies far from the open place, the words would leave it.
  const near = Math.abs(at - x) < pole.distance ? at : x;
  return { at: { x: near, y }, alongMm: 2 * Math.min(near - from, to - near), acrossMm: pole.distance };
}
