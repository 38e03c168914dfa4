/** Whether a ring without an opening goes over the larger part of the body it must pass. */
export type PassVerdict = "goes" | "hard" | "closure";

/** Up to this much more than the usable stretch a ring is hard to get on; beyond, it needs a closure. */
export const HARD_UP_TO = 1.15;

/** What passing takes. */
export interface PassOver {
  /** q = pass/G − 1; negative where the garment is the larger. */
  readonly needed: number;
  readonly verdict: PassVerdict;
  /** What is missing at full usable stretch, mm: `pass − G (1 + s)`, or 0 where it goes on. */
  readonly shortfallMm: number;
}

/**
 * Judges getting a ring on.
 *
 * @param garmentMm girth of the ring at rest, above 0.
 * @param passMm girth it must pass, above 0.
 * @param usable the smallest usable stretch of the ring's cloth, edge elastic and seams, 0 or more.
 */
export function passOver(garmentMm: number, passMm: number, usable: number): PassOver {
  const needed = passMm / garmentMm - 1;
  const verdict: PassVerdict = needed <= usable ? "goes" : needed <= HARD_UP_TO * usable ? "hard" : "closure";
  return {
    needed,
    verdict,
    shortfallMm: verdict === "goes" ? 0 : passMm - garmentMm * (1 + usable),
  };
}
