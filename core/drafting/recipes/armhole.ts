import {
  type Curved,
  distance,
  type Fullness,
  type Point,
  point,
  smoothCurve,
  type Vector,
} from "../geometry/index.ts";
import { outward } from "../piece/index.ts";

/** Of the room between strap and underarm, what the curve may reach back across: then it never passes the strap. */
const BACK_ACROSS = 0.9;

/**
 * The armhole from the outside of a strap, straight down from it, to the underarm, square to the side there.
 * @param underarm the upper end of the side, with the way down it.
 */
export function armholeCurve(
  strap: Point,
  underarm: { readonly at: Point; readonly down: Vector },
  { leaving, arriving }: Fullness,
): Curved {
  const toward = outward(underarm.down);
  const far = distance(strap, underarm.at);
  const room = (BACK_ACROSS * (underarm.at.x - strap.x)) / (far * Math.max(toward.x, Number.EPSILON));
  return smoothCurve(
    { at: strap, toward: point(0, 1) },
    { at: underarm.at, toward },
    { leaving, arriving: Math.min(arriving, room) },
  );
}
