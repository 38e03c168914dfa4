import { type Consequences, consequencesOf, roundGirth, type WornCloth } from "../../ease/index.ts";
import type { ChangePlace } from "../change/change.ts";
import { type PlannedRing, type RingId, sameRing } from "./rings.ts";

/** What is read of a change to see which rings it moves. A change of a sided ring names its side; `both` means each. */
export type GirthChanging = Pick<ChangePlace, "on" | "zone" | "side"> & { readonly amountMm: number | null };

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
  changes: readonly GirthChanging[],
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

/** True where a change acts on a ring: it is one of a girth, and meant there. */
export const touches = (change: Pick<GirthChanging, "on" | "zone" | "side">, ring: RingId): boolean =>
  change.on === "girth" && isMeantAt(change, ring);

/** True where what is said of a zone is said of a ring: the ring is whole, its side, or it is said of both. */
export const isMeantAt = ({ zone, side }: Pick<GirthChanging, "zone" | "side">, ring: RingId): boolean =>
  zone === ring.zone && (ring.side === "single" || side === "both" || side === ring.side);

/** The ring of a list with the same id; undefined where the list has none. */
export const ringIn = <T extends RingId>(rings: readonly T[], id: RingId): T | undefined =>
  rings.find((ring) => sameRing(ring, id));
