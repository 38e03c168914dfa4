import { fail, ok, type Result } from "../result.ts";

/** Findings answered by taking something off: what is cut off is gone, so only a share is taken at first. */
export const REMOVALS = ["loose", "pool", "gape", "rides", "cup_empty"] as const;

/** Findings answered by adding, or by a move to a closed measure: the whole amount at once. */
export const ADDITIONS = ["tight", "short", "digs", "cup_spill", "closure", "shifted_line", "shifted_apex"] as const;

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

/**
 * The first share of an amount, by habit.
 *
 * @param finding id of a kind of finding.
 * @param amountMm what was read, above 0.
 * @returns the share, or `no-share-rule` for kinds that are not answered by an amount (a drag, a popped seam …).
 */
export function firstShare(finding: string, amountMm: number): Result<FirstShare> {
  if ((REMOVALS as readonly string[]).includes(finding)) {
    return ok({ share: amountMm < SMALL_PINCH_MM ? SHARE_OF_SMALL : SHARE_OF_LARGE, sign: -1 });
  }
  if ((ADDITIONS as readonly string[]).includes(finding)) return ok({ share: 1, sign: 1 });
  const known = [...REMOVALS, ...ADDITIONS].join(", ");
  return fail("no-share-rule", `Expected a finding with a share rule (${known}), but got “${finding.slice(0, 40)}”.`);
}

/** True for a kind of finding of which a share is taken; the others are moved whole, or are no amount. */
export const hasShareRule = (finding: string): boolean =>
  [...REMOVALS, ...ADDITIONS].some((known) => known === finding);
