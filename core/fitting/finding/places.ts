import { CENTRE, FIELD, type FigureView, type Place, type Point } from "../../figure/index.ts";
import type { FindingSide } from "./findingSide.ts";
import type { Spot, SpotId } from "./spot.ts";
import { spotOf } from "./spots.ts";

/** The spots that can be seen from the view of a place, the nearest first, so that a tap need not be exact. */
export function spotsNear(place: Place, spots: readonly Spot[]): Spot[] {
  return spots
    .flatMap((spot) => {
      const at = spot.at[place.view];
      return at ? [{ spot, far: Math.min(...at.map((point) => distance(place, point))) }] : [];
    })
    .sort((a, b) => a.far - b.far)
    .map(({ spot }) => spot);
}

function distance({ view, x, y }: Place, [spotX, spotY]: Point): number {
  const across = x * FIELD.width;
  const dx = view === "side" ? across - spotX : Math.abs(across - CENTRE) - spotX;
  return Math.hypot(dx, y * FIELD.height - spotY);
}

/** Half of the strip down the middle in which a finding belongs to both sides. */
const MIDDLE = 9;

/** The wearer's side of a place: from the front her left is on the viewer's right; from the side she shows her left. */
export function sideAt({ view, x }: Place): FindingSide {
  if (view === "side") return "left";
  const off = x * FIELD.width - CENTRE;
  if (Math.abs(off) <= MIDDLE) return "both";
  const viewerRight = off > 0;
  return viewerRight === (view === "front") ? "left" : "right";
}

/** Views a spot can be seen from, the first being the best. */
export const viewsOf = (spot: SpotId): FigureView[] => Object.keys(spotOf(spot).at) as FigureView[];

/** Where a pin goes for a spot and side that were chosen by name instead of by a tap; on a view that shows the spot. */
export function placeOf(id: SpotId, side: FindingSide, asked: FigureView): Place {
  const { at } = spotOf(id);
  const view = at[asked] ? asked : (viewsOf(id)[0] as FigureView);
  const points = at[view] as readonly Point[];
  const [x, y] = (side === "both" ? points[0] : points[Math.floor(points.length / 2)]) as Point;
  if (view === "side") return { view, x: x / FIELD.width, y: y / FIELD.height };
  const viewerRight = side === "both" || (side === "left") === (view === "front");
  return { view, x: (CENTRE + (viewerRight ? x : -x)) / FIELD.width, y: y / FIELD.height };
}
