import {
  crossings,
  distance,
  type Edge,
  lengthOfEdge,
  moved,
  type Point,
  placeAlong,
  straight,
  turned,
  way,
} from "../../geometry/index.ts";
import type { Dart } from "../piece.ts";

/** The pinch of a dart on its edge: where both sides of the wedge meet it, along it. */
export interface Pinch {
  readonly fromMm: number;
  readonly toMm: number;
}

/** The wedge that a dart takes out of the edge that gapes: `θ = 2 asin(d / (2a))`; a place where it lengthens its seam. @returns null where the edge has no room for it. */
export function pinchOf(lines: readonly Edge[], about: Point, { atMm, widthMm, lengthens }: Dart): Pinch | null {
  if (lengthens) return { fromMm: atMm, toMm: atMm };
  const middle = placeAlong(lines, atMm);
  const apart = middle ? distance(about, middle) : 0;
  if (!middle || widthMm <= 0 || widthMm >= 2 * apart) return null;
  const angle = 2 * Math.asin(widthMm / (2 * apart));
  const ray = (by: number) => meets(lines, about, moved(about, turned(way(about, middle), by), FAR), atMm);
  const [one, other] = [ray(-angle / 2), ray(angle / 2)];
  return one === null || other === null ? null : { fromMm: Math.min(one, other), toMm: Math.max(one, other) };
}

/** A side of a wedge is looked for up to so many times the way to the edge. */
const FAR = 3;

/** How far along an edge a line meets it, nearest to a length; null where it does not. */
function meets(lines: readonly Edge[], from: Point, to: Point, nearMm: number): number | null {
  let start = 0;
  const found: number[] = [];
  for (const line of lines) {
    for (const { onSecond } of crossings(straight(from, to), line)) found.push(start + lengthOfEdge(line, 0, onSecond));
    start += lengthOfEdge(line);
  }
  return found.toSorted((a, b) => Math.abs(a - nearMm) - Math.abs(b - nearMm))[0] ?? null;
}
