import { fail, ok, type Result } from "../../result.ts";

/** A dart turned from a gape into another seam. */
export interface TurnedDart {
  readonly angleDeg: number;
  /** Width at the edge of the new seam, mm. */
  readonly widthMm: number;
}

/**
 * The dart that takes up a gape, `θ = 2 asin(d / (2a))`, turned into a seam whose edge lies b from the apex, where it is
 * `2 b sin(θ/2)` wide.
 *
 * @param widthMm gape pinched at the edge, above 0.
 * @param toApexMm from that edge point to the apex, above 0.
 * @param newToApexMm from the new seam's edge to the apex, above 0.
 * @returns the dart, or `gape-too-wide` where the gape is wider than a dart from there can be.
 */
export function dartFromGap(widthMm: number, toApexMm: number, newToApexMm: number): Result<TurnedDart> {
  const half = widthMm / (2 * toApexMm);
  if (half > 1) {
    return fail("gape-too-wide", `Expected a gape up to ${2 * toApexMm} mm so near the apex, but it is ${widthMm} mm.`);
  }
  const angle = 2 * Math.asin(half);
  return ok({ angleDeg: (angle * 180) / Math.PI, widthMm: 2 * newToApexMm * Math.sin(angle / 2) });
}
