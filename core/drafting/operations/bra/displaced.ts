import {
  type Edge,
  lengthOfEdges,
  moved,
  type Point,
  partAlong,
  placeAlong,
  smoothThrough,
  type Vector,
} from "../../geometry/index.ts";

/** A line that moves is drawn anew through so many places. */
const PLACES = 24;

/** A part shorter than this is no part, mm. */
const NOTHING_MM = 1e-6;

/** Half a wave: all of it at 0, none from 1 on. */
export const fading = (part: number): number => (part >= 1 ? 0 : (1 + Math.cos(Math.PI * Math.max(0, part))) / 2);

/**
 * Lines with their places moved, each by its own way; what lies outside of the part that moves stays as it is.
 * @param by the way of a place so far along them, mm; continuous, and nothing at an end of the part within them.
 */
export function displaced(
  lines: readonly Edge[],
  by: (mm: number) => Vector,
  part: { readonly fromMm: number; readonly toMm: number },
): Edge[] {
  const whole = lengthOfEdges(lines);
  const [from, to] = [Math.max(0, part.fromMm), Math.min(whole, part.toMm)];
  if (to - from <= NOTHING_MM) return [...lines];
  const places = Array.from({ length: PLACES + 1 }, (_, at): Point => {
    const mm = from + ((to - from) * at) / PLACES;
    const place = placeAlong(lines, mm) as Point;
    return moved(place, by(mm));
  });
  return [...partAlong(lines, 0, from), ...smoothThrough(places), ...partAlong(lines, to, whole)];
}
