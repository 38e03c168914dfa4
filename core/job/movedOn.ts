import type { Zone } from "../ease/index.ts";
import { type FrozenLength, type FrozenRing, type PlannedRing, type RingId, ringIn } from "../fitting/index.ts";

/** A ring whose plan from body and cloth is no longer what a prototype froze. */
export interface MovedRing extends RingId {
  readonly zone: Zone;
  readonly byMm: number;
}

/** A length whose plan from body and cloth is no longer what a prototype froze. */
export interface MovedLength {
  readonly id: string;
  readonly name: string;
  readonly byMm: number;
}

/** Less is rounding, mm: lengths are not rounded as they are planned. */
const MOVED_FROM_MM = 0.5;

/** What has moved in the lengths from body and cloth since a prototype was frozen, as {@link movedOn} tells of girths. */
export const lengthsMovedOn = (frozen: readonly FrozenLength[], today: readonly FrozenLength[]): MovedLength[] =>
  today.flatMap(({ id, name, cutMm }) => {
    const then = frozen.find((length) => length.id === id);
    const byMm = then ? cutMm - then.cutMm : 0;
    return Math.abs(byMm) < MOVED_FROM_MM ? [] : [{ id, name, byMm }];
  });

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
