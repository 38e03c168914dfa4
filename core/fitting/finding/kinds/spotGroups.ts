import { ZONES } from "../../../ease/index.ts";
import type { SpotId } from "../spot.ts";

/** All girth zones. */
export const GIRTHS: readonly SpotId[] = ZONES;

/** Edges that lie on the body. */
export const EDGES: readonly SpotId[] = ["neckline", "armhole", "backEdge", "leg", "legFront", "legBack"];

/** Places of a leg. */
export const LEGS: readonly SpotId[] = ["leg", "legFront", "legBack"];

/** Places of a cup, with the seam that changes its volume there. */
export const CUP_SEAMS: Readonly<Partial<Record<SpotId, string>>> = {
  cupTop: "upper cup seam and top edge",
  cupSide: "cross seam, toward the side",
  cupCentre: "lower cup seam, toward the centre",
  cupLower: "seam below the apex",
};

/** Spots of a cup. */
export const CUP_SPOTS: readonly SpotId[] = ["cupTop", "cupSide", "cupCentre", "cupLower", "sideOfBust"];

/** Pieces a change of a girth is drawn on. */
export const BODY_PIECES = "front, back";

/** Pieces a change of a girth is drawn on, and the seams that take it: of a bra the wings, which alone stretch. */
export const girthPieces = (hasBand: boolean): string => (hasBand ? "wing" : BODY_PIECES);

/** Pieces at an edge: the neckline is the front's, the back edge the back's, the others both; of a bra the cups', and the wing's. */
export const piecesAt = (spot: SpotId, hasBand: boolean): string => {
  if (hasBand) return ON_A_BRA[spot] ?? "wing";
  if (FRONT_ONLY.includes(spot)) return "front";
  if (BACK_ONLY.includes(spot)) return "back";
  return BODY_PIECES;
};

const ON_A_BRA: Readonly<Partial<Record<SpotId, string>>> = { neckline: "cup", armhole: "cup", underarm: "cup" };
const FRONT_ONLY: readonly SpotId[] = ["neckline", "underBustFront", "frontCrotch", "legFront"];
const BACK_ONLY: readonly SpotId[] = ["backEdge", "smallOfBack", "seat", "lacing", "legBack"];

/** The blend of a girth change. */
export const GIRTH_BLEND = "to nothing over 80 mm above and below, or at the next zones";
