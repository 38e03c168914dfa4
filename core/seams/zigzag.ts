/** A zigzag keeps this part of its width when it is pulled open. */
export const KEPT_WIDTH = 0.5;

/** A zigzag before it is sewn. mm */
export interface Zigzag {
  /** w, from side to side. */
  readonly widthMm: number;
  /** ℓ, along the seam for each step of the needle; above 0. */
  readonly lengthMm: number;
  /** e_t, how far the thread gives, ratio. */
  readonly extension: number;
  /** How many steps one way across takes: 1, or 3 of a three-step zigzag. */
  readonly steps: number;
  /** κ, the part of the width it keeps when pulled open. */
  readonly kept?: number;
}

/** An estimate of how far a zigzag stretches, ratio: `σ ≈ √((1 + e)² (ℓ² + w²) − κ² w²) / ℓ − 1`, w the width of one step. */
export function zigzagStretch({ widthMm, lengthMm, extension, steps, kept = KEPT_WIDTH }: Zigzag): number {
  const width = widthMm / steps;
  const thread = (1 + extension) ** 2 * (lengthMm ** 2 + width ** 2);
  return Math.sqrt(thread - (kept * width) ** 2) / lengthMm - 1;
}
