import { type Curved, type Point, point, smoothCurve, times } from "../geometry/index.ts";
import { outward, type SideEnd, sideRise } from "../piece/index.ts";
import type { ShapedSide } from "./shapedSide.ts";

/** A hem is nearly straight. */
const HEM = { leaving: 0.25, arriving: 0.45 };

/**
 * Where a hem ends at the centre: as far below the waist there as the body asks, which is another way down over belly or seat than over the
 * side; else square to the side.
 * @param belowWaistMm null where nothing is known of the centre.
 */
export function hemAtCentre({ bottom, marks }: ShapedSide, belowWaistMm: number | null): Point {
  const waist = marks.find(({ level }) => level === "waist");
  return point(0, waist && belowWaistMm !== null ? waist.centreY + belowWaistMm : bottom.at.y + sideRise(bottom));
}

/** The hem from the lower end of a side, square to it, to the centre, level there. */
export const hemCurve = (side: SideEnd, centre: Point): Curved =>
  smoothCurve({ at: side.at, toward: times(outward(side.down), -1) }, { at: centre, toward: point(-1, 0) }, HEM);
