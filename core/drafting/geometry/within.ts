import { crossings } from "./crossing.ts";
import { type Edge, placesOf, straight } from "./edge.ts";
import { type Point, point } from "./point.ts";

/** How far past the lines a place is looked at from, mm, and by how much of it the look falls: not quite level, so that it meets no corner of what was drawn square. */
const [FAR_MM, SLANT] = [100, 0.0137];

/** True for a place that a closed line of edges goes round: a look from it to the left meets them an odd number of times. */
export function isWithin(lines: readonly Edge[], place: Point): boolean {
  const left = Math.min(...lines.flatMap((line) => placesOf(line).map(({ x }) => x)));
  const far = point(Math.min(left, place.x) - FAR_MM, place.y + FAR_MM * SLANT);
  return lines.reduce((count, line) => count + crossings(straight(place, far), line).length, 0) % 2 === 1;
}
