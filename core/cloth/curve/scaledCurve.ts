import type { TensionCurve } from "./tensionCurve.ts";

/** A curve with every tension times a factor, 0 or more: the same strains, the same shape. */
export const scaledCurve = (curve: TensionCurve, factor: number): TensionCurve => ({
  ...curve,
  cubic: {
    points: curve.cubic.points.map(([strain, tension]) => [strain, tension * factor]),
    slopes: curve.cubic.slopes.map((slope) => slope * factor),
  },
});
