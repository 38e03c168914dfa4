import { type Consequences, consequencesOf, roundGirth, type WornCloth } from "../ease/index.ts";
import type { DecidedChange } from "./decidedChange.ts";
import { type PlannedRing, type RingId, sameRing } from "./rings.ts";

/** One ring in the next plan. Lengths in mm. */
export interface NextRing extends PlannedRing {
  /** Sum of all decided changes that touch it. */
  readonly changedMm: number;
  /** Planned + changed, rounded to 1 mm. */
  readonly nowMm: number;
  readonly consequences: Consequences;
}

/**
 * Plan n+1 = plan from body and cloth + all decided changes.
 *
 * @param rings rings planned from body and cloth, without any change.
 * @param changes every change decided so far in the job, those already cut included.
 */
export function nextPlan(
  rings: readonly PlannedRing[],
  changes: readonly DecidedChange[],
  cloth: WornCloth,
): NextRing[] {
  return rings.map((ring) => {
    const changedMm = changes
      .filter((change) => touches(change, ring))
      .reduce((sum, { amountMm }) => sum + (amountMm ?? 0), 0);
    const nowMm = roundGirth(ring.plannedMm + changedMm);
    return { ...ring, changedMm, nowMm, consequences: consequencesOf(nowMm, { ...ring, ...cloth }) };
  });
}

/** True where a change acts on a ring: a girth of the same zone, and the ring is whole, its side, or it is for both. */
export function touches(change: Pick<DecidedChange, "zone" | "side" | "on">, ring: RingId): boolean {
  if ((change.on ?? "girth") !== "girth" || change.zone !== ring.zone) return false;
  return ring.side === "single" || change.side === "both" || change.side === ring.side;
}

/** The ring of a list with the same id; undefined where the list has none. */
export const ringIn = <T extends RingId>(rings: readonly T[], id: RingId): T | undefined =>
  rings.find((ring) => sameRing(ring, id));
