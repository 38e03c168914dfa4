import { type Curved, type Point, point, smoothCurve, times } from "../geometry/index.ts";
import { outward, type SideEnd } from "../piece/index.ts";

/** A hem is nearly straight. */
const HEM = { leaving: 0.25, arriving: 0.45 };

/** The hem from the lower end of a side, square to it, to the centre, level there. */
export const hemCurve = (side: SideEnd, centre: Point): Curved =>
  smoothCurve({ at: side.at, toward: times(outward(side.down), -1) }, { at: centre, toward: point(-1, 0) }, HEM);
