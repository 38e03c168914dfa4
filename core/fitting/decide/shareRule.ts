import { fail, ok, type Result } from "../../result.ts";
import type { FindingEffect, FindingKind } from "../finding/kinds/findingKind.ts";
import { FINDING_KINDS } from "../finding/kinds/index.ts";

/** First share of a removal: less of a small pinch, which is easily misread. */
const SMALL_PINCH_MM = 15;
const SHARE_OF_SMALL = 0.5;
const SHARE_OF_LARGE = 0.65;

/** A share with the sign of what it does to the garment. */
export interface FirstShare {
  readonly share: number;
  /** −1 takes cloth off, +1 gives some. */
  readonly sign: -1 | 1;
}

const WHOLE: FirstShare = { share: 1, sign: 1 };

/** What a kind's effect makes of an amount at first: what is cut off is gone, too much given is easily taken off. */
const BY_EFFECT: Readonly<Record<FindingEffect, ((amountMm: number) => FirstShare) | null>> = {
  removal: (amountMm) => ({ share: amountMm < SMALL_PINCH_MM ? SHARE_OF_SMALL : SHARE_OF_LARGE, sign: -1 }),
  addition: () => WHOLE,
  move: () => WHOLE,
  reshape: null,
  note: null,
};

/** True for a kind of finding of which a share is taken; the others are moved whole, or are no amount. */
export const hasShareRule = ({ amount, effect }: Pick<FindingKind, "amount" | "effect">): boolean =>
  amount !== null && BY_EFFECT[effect] !== null;

/**
 * The first share of an amount, by habit.
 *
 * @param finding id of a kind of finding.
 * @param amountMm what was read, above 0.
 * @returns the share, or `no-share-rule` for kinds that are not answered by an amount (a drag, a popped seam …).
 */
export function firstShare(finding: string, amountMm: number): Result<FirstShare> {
  const kind = FINDING_KINDS.find(({ id }) => id === finding);
  const rule = kind && hasShareRule(kind) ? BY_EFFECT[kind.effect] : null;
  if (rule) return ok(rule(amountMm));
  const known = FINDING_KINDS.filter(hasShareRule).map(({ id }) => id);
  return fail(
    "no-share-rule",
    `Expected a finding with a share rule (${known.join(", ")}), but got “${finding.slice(0, 40)}”.`,
  );
}
