import type { Draft, OperationCall } from "../../drafting/index.ts";
import type { LikedLength } from "../../ease/index.ts";
import type { Term } from "../../explain/index.ts";

/** What a length of drawn pieces comes to, mm, with its way. */
export interface DrawnLength {
  readonly mm: number;
  readonly formula: string;
  readonly terms: readonly Term[];
}

/** A length of a garment that fits, found again on drawn pieces: how it is measured there, and what makes it longer. Adding one is adding a file. */
export interface LikedPoint {
  readonly id: LikedLength;
  /** Null where these pieces have no such length. */
  readonly measure: (draft: Draft) => DrawnLength | null;
  /** Operations that make it longer by about so much (shorter below 0), mm; every part in its proportion. */
  readonly longer: (draft: Draft, byMm: number) => readonly OperationCall[];
}
