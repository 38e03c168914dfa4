import { fail, ok, type Result } from "../../result.ts";
import { firstShare } from "./shareRule.ts";

/** What a proposal is made from. */
export interface ProposalInput {
  /** Id of the kind of finding. */
  readonly finding: string;
  /** Amount read, mm, above 0; a fold already counted twice. */
  readonly amountMm: number;
  /** The maker's own share in place of the first share by habit, above 0 and at most 2. */
  readonly share?: number | undefined;
  /** Strain of the cloth there, in that direction; 0 where it hangs slack. Above −1; default 0. */
  readonly strain?: number | undefined;
  /** Seams over which the change is spread, a whole number from 1. */
  readonly seams?: number | undefined;
}

/** A first proposal; lengths in mm, signed: negative takes cloth off. */
export interface Proposal {
  readonly share: number;
  /** Change of the girth as cut, on resting cloth. */
  readonly takeMm: number;
  /** The same for each of the two edges of each seam; null where no seams were given. */
  readonly perEdgeMm: number | null;
}

/** Most of an amount that a maker may take by a share of her own. */
export const MOST_SHARE = 2;

/**
 * The share rule: `take = share · amount / (1 + ε)`. A pinch is read on stretched cloth and cut on resting cloth.
 *
 * @returns the proposal, or `no-share-rule`, `amount-not-positive`, `share-out-of-range`, `strain-out-of-range` or
 *   `seams-not-whole`.
 */
export function propose({ finding, amountMm, share, strain = 0, seams }: ProposalInput): Result<Proposal> {
  if (!(amountMm > 0)) return fail("amount-not-positive", `Expected an amount above 0 mm, but it is ${amountMm}.`);
  if (share !== undefined && !(share > 0 && share <= MOST_SHARE)) {
    return fail("share-out-of-range", `Expected a share above 0 and up to ${MOST_SHARE}, but it is ${share}.`);
  }
  if (!(strain > -1)) return fail("strain-out-of-range", `Expected a strain above −1, but it is ${strain}.`);
  if (seams !== undefined && !(Number.isInteger(seams) && seams >= 1)) {
    return fail("seams-not-whole", `Expected a whole number of seams from 1, but it is ${seams}.`);
  }
  const first = firstShare(finding, amountMm);
  if (!first.ok) return first;
  const used = share ?? first.value.share;
  const takeMm = (first.value.sign * used * amountMm) / (1 + strain);
  return ok({ share: used, takeMm, perEdgeMm: seams === undefined ? null : perEdge(takeMm, seams) });
}

/** A girth change divided over the two edges of each seam. */
export const perEdge = (changeMm: number, seams: number): number => changeMm / (2 * seams);
