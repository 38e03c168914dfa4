import type { TensionCurve } from "../cloth/index.ts";
import type { EdgePlaceId } from "./edgePlace.ts";

/** An edge that elastic goes round. Lengths in mm. */
export interface ElasticAt {
  readonly at: EdgePlaceId;
  /** E, the seam line of the finished edge, all of its pieces; above 0. */
  readonly edgeMm: number;
  /** B, its length on the body, above 0; null where that is not known. */
  readonly bodyMm: number | null;
  /** Of E and of B what is not stretched as worn: elastic on what does not stretch, and what it does not lie on. Left out for none. */
  readonly still?: { readonly edgeMm: number; readonly bodyMm: number };
  /** w, of the elastic, above 0; null where none was chosen. */
  readonly widthMm: number | null;
  /** What is lapped or joined, beside the part that is made up; 0 or more. */
  readonly joinMm: number;
}

/** Of an elastic of which all is stretched alike. */
const ALL_STRETCHED = { edgeMm: 0, bodyMm: 0 };

/**
 * How far what is stretched of a made elastic is, as worn: B over what is made, less 1, each without what stays as it is.
 * @returns null where what it lies on is not known, or nothing of it is left to stretch.
 */
export function wornStrainOf(madeMm: number, { bodyMm, still = ALL_STRETCHED }: ElasticAt): number | null {
  const stretchedMm = madeMm - still.edgeMm;
  return bodyMm === null || stretchedMm <= 0 ? null : (bodyMm - still.bodyMm) / stretchedMm - 1;
}

/** How long an elastic is made that is stretched so far on a body of so many mm. */
export const madeFor = (strain: number, bodyMm: number, still: ElasticAt["still"] = ALL_STRETCHED): number =>
  still.edgeMm + (bodyMm - still.bodyMm) / (1 + strain);

/** What a test of the elastic tells; null for what it does not. */
export interface ElasticTested {
  /** Its own force on the way up, N, by strain. */
  readonly forceN: TensionCurve | null;
  /** Part of a stretch that it recovers, 0 to 1. */
  readonly recovery: number | null;
  /** How far it stretches in use, ratio. */
  readonly usable: number | null;
}
