import type { Zone } from "../ease/zones.ts";
import type { FigureView, FindingSide } from "../fitting/fitting.ts";
import { CENTRE, FIELD, LEVEL, type Place } from "./geometry.ts";
import type { Point } from "./smooth.ts";

/** The zone nearest to a place of those a garment has, so that a tap need not be exact. */
export function zoneAt({ x, y }: Place, zones: readonly Zone[]): Zone {
  const at = { x: Math.abs(x * FIELD.width - CENTRE), y: y * FIELD.height };
  return zones.reduce((near, next) => (distanceTo(next, at) < distanceTo(near, at) ? next : near));
}

function distanceTo(zone: Zone, at: { x: number; y: number }): number {
  if (zone === "leg") return distanceToLegLine(at);
  if (zone === "arm") return Math.hypot(at.x - ARM_POINT[0], at.y - ARM_POINT[1]);
  return Math.abs(at.y - (zone === "hip" ? LEVEL.hip - 4 : LEVEL[zone]));
}

/** Points along the leg line, on the wearer's side away from the centre. */
const LEG_POINTS: readonly Point[] = [
  [50, 212],
  [36, 230],
  [22, 248],
  [10, 258],
  [4, 264],
];

/** Middle of the upper arm, on the wearer's side away from the centre. */
const ARM_POINT: Point = [52, 112];

function distanceToLegLine(at: { x: number; y: number }): number {
  return Math.min(...LEG_POINTS.map(([x, y]) => Math.hypot(at.x - x, at.y - y)));
}

/** Half of the strip down the middle in which a finding belongs to both sides. */
const MIDDLE = 9;

/** The wearer's side of a place: from the front her left is on the viewer's right. */
export function sideAt({ view, x }: Place): FindingSide {
  const off = x * FIELD.width - CENTRE;
  if (Math.abs(off) <= MIDDLE) return "both";
  const viewerRight = off > 0;
  return viewerRight === (view === "front") ? "left" : "right";
}

/** Where a pin goes for a zone and side that were chosen by name instead of by a tap. */
export function placeOf(zone: Zone, side: FindingSide, view: FigureView): Place {
  const viewerRight = (side === "left") === (view === "front");
  const direction = side === "both" ? 0 : viewerRight ? 1 : -1;
  if (zone === "leg" || zone === "arm") {
    const [x, y] = (zone === "leg" ? LEG_POINTS[2] : ARM_POINT) as Point;
    return { view, x: (CENTRE + (direction || 1) * x) / FIELD.width, y: y / FIELD.height };
  }
  const level = LEVEL[zone as keyof typeof LEVEL] ?? LEVEL.waist;
  return { view, x: (CENTRE + direction * 24) / FIELD.width, y: (level + (direction === 0 ? 4 : 2)) / FIELD.height };
}
