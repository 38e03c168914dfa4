import type { Placed } from "./cutShape.ts";

/** A piece with the number it has in picture and list. */
export interface PlacedNumber {
  readonly number: number;
  readonly placed: Placed;
}

/** Pieces numbered along the roll, and across where they begin alike: as one goes round the table. */
export const numberedPieces = (placed: readonly Placed[]): PlacedNumber[] =>
  placed.toSorted((a, b) => a.x - b.x || a.y - b.y).map((one, at) => ({ number: at + 1, placed: one }));
