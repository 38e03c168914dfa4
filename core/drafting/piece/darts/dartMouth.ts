import { between, distance, lengthOf, moved, type Point, straight, times, unit, way } from "../../geometry/index.ts";

/** The sewn point: on the middle of the dart, so far before the place it turns about. */
export function endOf(about: Point, from: Point, to: Point, stopMm: number): Point {
  const out = unit(way(about, between(from, to, 0.5)));
  return out ? moved(about, out, stopMm) : about;
}

/** The seam line over a dart: out to where the cloth of the folded dart ends in the seam. */
export function dartMouth(id: string, from: Point, to: Point, end: Point) {
  const middle = between(from, to, 0.5);
  const out = unit(way(end, middle)) ?? way(end, middle);
  // Folded along its middle, half of the mouth lies on the seam beside it: the peak is the seam's line turned over the leg.
  const half = lengthOf(way(from, to)) / 2;
  const depth = distance(end, middle);
  const peak = moved(middle, times(out, depth === 0 ? 0 : (half * half) / depth));
  return { id, role: "dart" as const, lines: [straight(from, peak), straight(peak, to)], seam: null };
}
