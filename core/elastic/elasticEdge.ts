import type { TensionCurve } from "../cloth/index.ts";
import type { EdgePlaceId } from "./edgePlace.ts";

/** An edge that elastic goes round. Lengths in mm. */
export interface ElasticAt {
  readonly at: EdgePlaceId;
  /** E, the seam line of the finished edge, all of its pieces; above 0. */
  readonly edgeMm: number;
  /** B, its length on the body, above 0; null where that is not known. */
  readonly bodyMm: number | null;
  /** w, of the elastic, above 0; null where none was chosen. */
  readonly widthMm: number | null;
  /** What is lapped or joined, beside the part that is made up; 0 or more. */
  readonly joinMm: number;
}

/** What a test of the elastic tells; null for what it does not. */
export interface ElasticTested {
  /** Its own force on the way up, N, by strain. */
  readonly forceN: TensionCurve | null;
  /** Part of a stretch that it recovers, 0 to 1. */
  readonly recovery: number | null;
  /** How far it stretches in use, ratio. */
  readonly usable: number | null;
}
