import type { Zone } from "../ease/index.ts";
import { type FrozenRing, type PlannedRing, type RingId, ringIn } from "../fitting/index.ts";

/** A ring whose plan from body and cloth is no longer what a prototype froze. */
export interface MovedRing extends RingId {
  readonly zone: Zone;
  readonly byMm: number;
}

/**
 * What has moved in the plan from body and cloth since a prototype was frozen. Changes decided at fittings are not
 * counted: they are shown on their own.
 */
export function movedOn(frozen: readonly FrozenRing[], today: readonly PlannedRing[]): MovedRing[] {
  return today.flatMap((ring) => {
    const then = ringIn(frozen, ring);
    const byMm = then ? ring.plannedMm - then.plannedMm : 0;
    return byMm === 0 ? [] : [{ zone: ring.zone, side: ring.side, byMm }];
  });
}
