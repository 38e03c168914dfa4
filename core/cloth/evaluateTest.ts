import { fail, ok, type Result } from "../result.ts";
import type { SwatchTest } from "./cloth.ts";
import type { ClothKind } from "./clothKind.ts";
import { evaluateHandTest } from "./handTest.ts";
import { evaluateLadder, type LadderResult } from "./loadLadder.ts";
import type { ClothSettings } from "./settings.ts";
import { type UsableBasis, usableStretch } from "./usableStretch.ts";

/** What a cloth does in one direction, for planning. Ratios; what was not read is null. */
export interface ClothStretch {
  /** s, above 0. */
  readonly usable: number;
  readonly basis: UsableBasis;
  readonly growth: number | null;
  /** R, 0 to 1. */
  readonly recovery: number | null;
  /** When the recovery was read. */
  readonly recoveredAfter: "60s" | "30min" | null;
  readonly willBag: boolean;
}

/** Everything a swatch test tells. */
export interface TestResult extends ClothStretch {
  /** Usable stretch by hand; null where none was pulled. */
  readonly handUsable: number | null;
  /** Curves of the ladder; null where there was none. */
  readonly ladder: LadderResult | null;
}

/**
 * Evaluates a swatch test of a cloth of a kind.
 *
 * @returns the result, or the problem of the hand test or the ladder; `nothing-tested` for neither.
 */
export function evaluateTest(
  test: Pick<SwatchTest, "hand" | "ladder">,
  kind: ClothKind,
  settings: ClothSettings,
): Result<TestResult> {
  const hand = test.hand ? evaluateHandTest(test.hand) : null;
  if (hand && !hand.ok) return hand;
  const ladder = test.ladder ? evaluateLadder(test.ladder) : null;
  if (ladder && !ladder.ok) return ladder;
  const handUsable = hand?.value.usable ?? null;
  const usable = usableStretch(handUsable, ladder?.value.loading ?? null, settings.referenceNPerM[kind]);
  if (!usable) return fail("nothing-tested", "Expected a hand test or a load ladder, but there is neither.");
  const returned = ladder?.value.recovery === null || !ladder ? byHand(hand?.value) : ladder.value;
  const { growth, recovery, recoveredAfter } = returned;
  return ok({
    ...usable,
    growth,
    recovery,
    recoveredAfter,
    willBag: bags(returned, settings),
    handUsable,
    ladder: ladder?.value ?? null,
  });
}

type Return = Pick<ClothStretch, "growth" | "recovery" | "recoveredAfter">;

const byHand = (hand: { growth: number | null; recovery: number | null } | undefined): Return => ({
  growth: hand?.growth ?? null,
  recovery: hand?.recovery ?? null,
  recoveredAfter: hand?.recovery === null || !hand ? null : "60s",
});

/** True where a cloth comes back so little that the garment will bag. */
export function bags({ recovery, recoveredAfter }: Return, { leastRecovery }: ClothSettings): boolean {
  if (recovery === null) return false;
  return recovery < (recoveredAfter === "30min" ? leastRecovery.after30min : leastRecovery.after60s);
}

/** The part of a result that planning and freezing use, without the curves. */
export const stretchOf = ({
  usable,
  basis,
  growth,
  recovery,
  recoveredAfter,
  willBag,
}: ClothStretch): ClothStretch => ({
  usable,
  basis,
  growth,
  recovery,
  recoveredAfter,
  willBag,
});
