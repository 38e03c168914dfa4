import { scaledCurve } from "./curve/scaledCurve.ts";
import { type TensionCurve, type TensionThere, tensionAt } from "./curve/tensionCurve.ts";
import type { LadderResult } from "./loadLadder.ts";

/** Where a tension in wear comes from: the way back, or the loading curve times a factor. */
export type WearBasis = "return" | "factor";

/** A tension in wear with where it comes from. */
export interface WearTension extends TensionThere {
  readonly basis: WearBasis;
}

/**
 * Tension of a cloth in wear (N/m). A garment is stretched further when put on than when worn, so cloth works on its
 * way back; where that was not read, the loading curve times a factor stands in for it, and says so.
 */
export function wearTensionAt(
  { loading, returning }: Pick<LadderResult, "loading" | "returning">,
  strain: number,
  wearFactor: number,
): WearTension {
  if (returning) return { ...tensionAt(returning, strain), basis: "return" };
  const { tensionNPerM, beyondTest } = tensionAt(loading, strain);
  return { tensionNPerM: tensionNPerM * wearFactor, beyondTest, basis: "factor" };
}

/** The curve itself, for drawing: the way back, or the loading curve with every tension times the factor. */
export function wearCurve(
  { loading, returning }: Pick<LadderResult, "loading" | "returning">,
  wearFactor: number,
): TensionCurve {
  return returning ?? scaledCurve(loading, wearFactor);
}
