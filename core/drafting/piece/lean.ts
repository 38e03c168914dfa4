import { type Point, square, times, type Vector } from "../geometry/index.ts";

/**
 * How far a side stands above the centre, as a part of what a cone would ask for. An edge that is square to a leaning side
 * rises toward it; all of a cone's rise would make the edge longer than the girth, none of it would have it dip.
 */
const CONE_PART = 1 / 3;

/** An end of a side seam, with the way down it there, as long as 1. */
export interface SideEnd {
  readonly at: Point;
  readonly down: Vector;
}

/** How much higher than at the centre an edge across a piece ends at its side, mm: above 0 where the side leans outward on its way down. */
export const sideRise = ({ at, down }: SideEnd): number => CONE_PART * at.x * Math.tan(Math.atan2(down.x, down.y) / 2);

/** Square to the way down a side seam, away from the centre. */
export const outward = (down: Vector): Vector => times(square(down), -1);
