import { ZONES } from "../../../ease/index.ts";
import type { SpotId } from "../spot.ts";

/** All girth zones. */
export const GIRTHS: readonly SpotId[] = ZONES;

/** Edges that lie on the body. */
export const EDGES: readonly SpotId[] = ["neckline", "armhole", "backEdge", "leg"];

/** Pieces a change of a girth is drawn on. */
export const BODY_PIECES = "front, back";

/** Pieces at an edge: the neckline is the front's, the back edge the back's, the others both. */
export const piecesAt = (spot: SpotId): string => {
  if (FRONT_ONLY.includes(spot)) return "front";
  if (BACK_ONLY.includes(spot)) return "back";
  return BODY_PIECES;
};

const FRONT_ONLY: readonly SpotId[] = ["neckline", "underBustFront", "frontCrotch"];
const BACK_ONLY: readonly SpotId[] = ["backEdge", "smallOfBack", "seat", "lacing"];

/** The blend of a girth change. */
export const GIRTH_BLEND = "to nothing over 80 mm above and below, or at the next zones";
