import { type SewingError, sewingError } from "./asSewn.ts";
import type { NextLength } from "./nextLengths.ts";
import { type NextRing, ringIn } from "./nextPlan.ts";
import type { Prototype } from "./prototype.ts";
import { sameRing } from "./rings.ts";

/** One number on its way from a prototype to the next: planned → sewn → changed → now planned. mm. */
export interface Step {
  /** What the prototype before was to be sewn to; null where there is none. */
  readonly beforeMm: number | null;
  /** What it was sewn to; null where it was not measured. */
  readonly sewnMm: number | null;
  readonly sewing: SewingError | null;
  /** Decided since: all changes less those the prototype before already carried. */
  readonly changedSinceMm: number;
  /** How far the plan from body and cloth itself has moved since. */
  readonly movedMm: number;
}

/** A girth on its way. */
export interface RingStep extends NextRing, Step {}

/** A length on its way. */
export interface LengthStep extends NextLength, Step {}

/**
 * Sets rings beside the prototype before them.
 *
 * @param before the prototype before; null in front of the first.
 * @param rings the rings planned now, with every decided change in.
 */
export function stepOn(before: Prototype | null, rings: readonly NextRing[]): RingStep[] {
  return rings.map((ring) => {
    const then = before ? ringIn(before.frozen.rings, ring) : undefined;
    const sewn = before?.sewn.find((measured) => sameRing(measured, ring));
    return {
      ...ring,
      beforeMm: then?.nowMm ?? null,
      sewnMm: sewn?.sewnMm ?? null,
      sewing: sewn && then ? sewingError(sewn.sewnMm, then.nowMm) : null,
      changedSinceMm: ring.changedMm - (then?.changedMm ?? 0),
      movedMm: then ? ring.plannedMm - then.plannedMm : 0,
    };
  });
}

/** Sets lengths beside the prototype before them, as {@link stepOn} does with girths. */
export function lengthsStepOn(before: Prototype | null, lengths: readonly NextLength[]): LengthStep[] {
  return lengths.map((length) => {
    const then = before?.frozen.lengths.find(({ id }) => id === length.id);
    const sewn = before?.sewnLengths.find(({ id }) => id === length.id);
    return {
      ...length,
      beforeMm: then?.nowMm ?? null,
      sewnMm: sewn?.sewnMm ?? null,
      sewing: sewn && then ? sewingError(sewn.sewnMm, then.nowMm) : null,
      changedSinceMm: length.changedMm - (then?.changedMm ?? 0),
      movedMm: then ? length.cutMm - then.cutMm : 0,
    };
  });
}
