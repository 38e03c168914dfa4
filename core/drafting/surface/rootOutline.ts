import { fail, ok, type Result } from "../../result.ts";
import type { Point } from "../geometry/index.ts";

/** The outline a breast stands on, mm: half an ellipse below its widest line, half of another above, the widest line through the origin. */
export interface RootOutline {
  readonly halfWidthMm: number;
  readonly lowerMm: number;
  readonly upperMm: number;
}

/** Half axes are found to this, mm. */
const TOLERANCE_MM = 1e-6;

/** The upper half is at least so high, mm. */
const LEAST_UPPER_MM = 5;

/**
 * The outline of a root by its width and height, its lower half as long as the wire line.
 * @param wireLineMm null where it was not taken: then both halves are alike.
 * @returns it; or `root-contradicts`, which names the measures that do not fit.
 */
export function rootOutline(widthMm: number, heightMm: number, wireLineMm: number | null): Result<RootOutline> {
  const halfWidthMm = widthMm / 2;
  if (wireLineMm === null) return ok({ halfWidthMm, lowerMm: heightMm / 2, upperMm: heightMm / 2 });
  const most = heightMm - LEAST_UPPER_MM;
  const line = (lowerMm: number) => halfEllipse(halfWidthMm, lowerMm);
  if (wireLineMm <= widthMm || wireLineMm > line(most))
    return fail(
      "root-contradicts",
      `Expected a wire line of ${Math.ceil(widthMm)} to ${Math.floor(line(most))} mm for a root ${widthMm} mm wide and ${heightMm} mm high, but got ${wireLineMm} mm: one of root_width, root_height and wire_line does not fit.`,
    );
  let [low, high] = [0, most];
  while (high - low > TOLERANCE_MM) {
    const middle = (low + high) / 2;
    if (line(middle) < wireLineMm) low = middle;
    else high = middle;
  }
  return ok({ halfWidthMm, lowerMm: low, upperMm: heightMm - low });
}

/** A place of the outline by its angle: 0 the outer end of the widest line, a quarter turn the lowest place, a half the inner end. */
export const outlineAt = ({ halfWidthMm, lowerMm, upperMm }: RootOutline, angle: number): Point => {
  const sin = Math.sin(angle);
  return { x: halfWidthMm * Math.cos(angle), y: (sin > 0 ? lowerMm : upperMm) * sin };
};

/** How far the outline lies from a place within it in a direction, mm. */
export function outlineFrom({ halfWidthMm, lowerMm, upperMm }: RootOutline, from: Point, way: Point): number {
  const reach = (halfHeight: number): number => {
    const [px, py] = [from.x / halfWidthMm, from.y / halfHeight];
    const [dx, dy] = [way.x / halfWidthMm, way.y / halfHeight];
    const [a, b, c] = [dx * dx + dy * dy, px * dx + py * dy, px * px + py * py - 1];
    return (-b + Math.sqrt(Math.max(0, b * b - a * c))) / a;
  };
  const lower = reach(lowerMm);
  return from.y + lower * way.y >= 0 ? lower : reach(upperMm);
}

/** The angle of the outline at a height, on its outer or its inner side. */
export function angleAtHeight({ lowerMm, upperMm }: RootOutline, y: number, side: "outer" | "inner"): number {
  const angle = Math.asin(Math.min(1, Math.max(-1, y / (y > 0 ? lowerMm : upperMm))));
  return side === "outer" ? angle : Math.PI - angle;
}

/** The angle of the outline at a distance across, below or above its widest line. */
export function angleAtAcross({ halfWidthMm }: RootOutline, x: number, half: "lower" | "upper"): number {
  const angle = Math.acos(Math.min(1, Math.max(-1, x / halfWidthMm)));
  return half === "lower" ? angle : -angle;
}

/** Length of half an ellipse with these half axes, mm: Ramanujan's second approximation, good to a millionth at these shapes. */
export function halfEllipse(a: number, b: number): number {
  if (b < a / 20) return flat(a, b);
  const h = ((a - b) / (a + b)) ** 2;
  return (Math.PI / 2) * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
}

/** A flat half ellipse by a polygon: the approximation is meant for rounder ones. */
function flat(a: number, b: number): number {
  const steps = 2000;
  let sum = 0;
  for (let step = 0; step < steps; step += 1) {
    const [from, to] = [(Math.PI * step) / steps, (Math.PI * (step + 1)) / steps];
    sum += Math.hypot(a * (Math.cos(to) - Math.cos(from)), b * (Math.sin(to) - Math.sin(from)));
  }
  return sum;
}
