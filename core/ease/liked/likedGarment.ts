import type { Direction } from "../../cloth/index.ts";
import type { Zone } from "../zones.ts";

/** Lengths of a garment that a new pattern is compared with, point by point. Lengths lie single, they are not doubled. */
export const LIKED_LENGTHS = [
  "shoulderToHem",
  "neckDepthFront",
  "neckDepthBack",
  "strap",
  "frontRise",
  "backRise",
  "armhole",
  "sleeve",
] as const;

/** One of {@link LIKED_LENGTHS}. */
export type LikedLength = (typeof LIKED_LENGTHS)[number];

/** Plain words for each length. */
export const LIKED_LENGTH_NAMES: Readonly<Record<LikedLength, string>> = {
  shoulderToHem: "Shoulder to hem",
  neckDepthFront: "Neck depth, front",
  neckDepthBack: "Neck depth, back",
  strap: "Strap",
  frontRise: "Front rise",
  backRise: "Back rise",
  armhole: "Armhole, along the edge",
  sleeve: "Sleeve",
};

/** A garment that a wearer likes, measured flat. Lengths in mm. */
export interface LikedGarment {
  readonly id: number;
  readonly wearerId: number;
  readonly name: string;
  /** Day it was measured, ISO date; the sheet nearest to it gives the body it was worn on. */
  readonly measuredOn: string;
  /** Its cloth on the shelf; null where it is not there. */
  readonly clothId: number | null;
  /** Direction of that cloth round the body. */
  readonly direction: Direction;
  /** Usable stretch of its cloth as pulled on the garment, for one without a cloth on the shelf; null where not known. */
  readonly usable: number | null;
  /** Widths laid flat, edge to edge; doubled for the girth. */
  readonly widthsMm: Readonly<Partial<Record<Zone, number>>>;
  readonly lengthsMm: Readonly<Partial<Record<LikedLength, number>>>;
  readonly notes: string;
  readonly version: number;
}
