import polygonClipping, { type Polygon } from "polygon-clipping";
import type { Point } from "../drafting/index.ts";

/** How much outlines lie over one another, mm²: worked out by a library of polygons, and not by what laid them. */
export function overlapMm2(outlines: readonly (readonly Point[])[]): number {
  const polygons = outlines.map((outline): Polygon => [outline.map(({ x, y }) => [x, y])]);
  let most = 0;
  for (const [at, polygon] of polygons.entries())
    for (const other of polygons.slice(at + 1))
      for (const [ring] of polygonClipping.intersection(polygon, other)) most = Math.max(most, areaOf(ring ?? []));
  return most;
}

const areaOf = (ring: readonly (readonly [number, number])[]): number =>
  Math.abs(
    ring.reduce((sum, [x, y], at) => {
      const [px, py] = ring.at(at - 1) ?? [0, 0];
      return sum + (px * y - x * py) / 2;
    }, 0),
  );
