import { type TensionCurve, tensionAt } from "./tensionCurve.ts";

/** A place on a curve for drawing. */
export interface CurveSample {
  readonly strain: number;
  readonly tensionNPerM: number;
  readonly beyondTest: boolean;
}

/**
 * Evenly spaced places along a curve from 0 to a strain, both included.
 * @param count two or more.
 */
export const sampleCurve = (curve: TensionCurve, upToStrain: number, count: number): CurveSample[] =>
  Array.from({ length: count }, (_, index) => {
    const strain = (index / (count - 1)) * upToStrain;
    return { strain, ...tensionAt(curve, strain) };
  });
