import { strainAt, type TensionCurve, testedTo } from "./curve/tensionCurve.ts";

/** What a usable stretch rests on: the hand, the ladder's reference tension, or where the ladder ended. */
export type UsableBasis = "hand" | "reference" | "last";

/** s of a cloth in one direction. */
export interface UsableStretch {
  /** Ratio, above 0. */
  readonly usable: number;
  /** `last`: the ladder ended before its reference, so it is *at least* this. */
  readonly basis: UsableBasis;
}

/**
 * Usable stretch from a hand test, a ladder or both; of both, the smaller. A ladder that ends below the reference
 * tension gives way to the hand; without one, its last strain counts, as *at least*.
 *
 * @returns null where there is neither.
 */
export function usableStretch(
  hand: number | null,
  loading: TensionCurve | null,
  referenceNPerM: number,
): UsableStretch | null {
  const atReference = loading ? strainAt(loading, referenceNPerM) : null;
  const byLadder = atReference && !atReference.beyondTest ? atReference.strain : null;
  if (hand !== null && (byLadder === null || hand <= byLadder)) return { usable: hand, basis: "hand" };
  if (byLadder !== null) return { usable: byLadder, basis: "reference" };
  return loading ? { usable: testedTo(loading), basis: "last" } : null;
}
