import { directionAt, type Edge, square, times, type Vector } from "../geometry/index.ts";

/**
 * How far a side stands above the centre, as a part of what a cone would ask for. An edge that is square to a leaning side
 * rises toward it; all of a cone's rise would make the edge longer than the girth, none of it would have it dip.
 */
const CONE_PART = 1 / 3;

/**
 * How much higher than at the centre an edge across a piece ends at its side, mm: above 0 where the side leans outward
 * on its way down.
 *
 * @param side gone along downward.
 * @param end 0 for an edge at its upper end, 1 at its lower.
 */
export function sideRise(side: Edge, end: 0 | 1): number {
  const down = directionAt(side, end);
  if (!down) return 0;
  const { x } = end === 0 ? side.from : side.to;
  return CONE_PART * x * Math.tan(Math.atan2(down.x, down.y) / 2);
}

/** Square to the way down a side seam, away from the centre. */
export const outward = (down: Vector): Vector => times(square(down), -1);
