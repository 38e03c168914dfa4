import fc from "fast-check";
import { type Curved, curved, type Edge, point, straight } from "../drafting/index.ts";

/** Sizes of what is drawn, mm: from a seam allowance to a skirt, and far beyond both. */
export const SCALES = [0.01, 1, 30, 1000, 1e6] as const;

/** A quarter of a circle round the origin as the one cubic that comes nearest to it; its radius is off by 0.03 %. */
export function quarterCircle(radius: number): Curved {
  const handle = radius * (4 / 3) * (Math.SQRT2 - 1);
  return curved(point(radius, 0), point(radius, handle), point(handle, radius), point(0, radius));
}

/** The parabola y = x² / size from x = 0 to x = until · size, exactly: a cubic of a lower degree. */
export function parabola(size: number, until: number): Curved {
  const [from, middle, to] = [point(0, 0), point((until * size) / 2, 0), point(until * size, until * until * size)];
  const third = (a: typeof from, b: typeof from) => point((a.x + 2 * b.x) / 3, (a.y + 2 * b.y) / 3);
  return curved(from, third(from, middle), third(to, middle), to);
}

/** Its length in closed form. */
export const parabolaLength = (size: number, until: number): number =>
  size * ((until * Math.sqrt(1 + 4 * until * until)) / 2 + Math.asinh(2 * until) / 4);

/** Steps from the middle of the grid to its edge. */
const GRID = 500;

/** Any edge of about a size, straight or curved, anywhere near the origin. */
export function anyEdge(size: number): fc.Arbitrary<Edge> {
  // On a grid, so that places often fall together as they do on pieces.
  const step = fc.integer({ min: -GRID, max: GRID }).map((steps) => (steps * size) / GRID);
  const at = fc.record({ x: step, y: step });
  return fc.oneof(
    { weight: 1, arbitrary: fc.tuple(at, at).map(([from, to]) => straight(from, to)) },
    { weight: 4, arbitrary: fc.tuple(at, at, at, at).map(([a, b, c, d]) => curved(a, b, c, d)) },
  );
}
