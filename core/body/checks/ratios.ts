import type { MeasureCode } from "../measure.ts";
import { type MeasuredValue, measuredValue } from "../sheetValues.ts";

/** `of / to` of two measures usually lies between `low` and `high`. */
export interface UsualRatio {
  readonly of: MeasureCode;
  readonly to: MeasureCode;
  readonly low: number;
  readonly high: number;
}

/** Ratios of neighbours that a slip of the pen breaks. */
export const USUAL_RATIOS: readonly UsualRatio[] = [
  { of: "waist", to: "bust", low: 0.6, high: 1.1 },
  { of: "hip", to: "waist", low: 0.9, high: 1.8 },
  { of: "underbust", to: "bust", low: 0.65, high: 1 },
  { of: "front_waist", to: "back_waist", low: 0.85, high: 1.28 },
];

/** The ratios that these values break; ratios with a missing value are left out. */
export function brokenRatios(values: readonly MeasuredValue[]): UsualRatio[] {
  return USUAL_RATIOS.filter(({ of, to, low, high }) => {
    const upper = measuredValue(values, of);
    const lower = measuredValue(values, to);
    if (!upper || !lower) return false;
    const ratio = upper.mm / lower.mm;
    return ratio < low || ratio > high;
  });
}
