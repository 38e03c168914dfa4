import { call, edgeLength } from "../../drafting/index.ts";
import type { LikedPoint } from "./likedPoint.ts";
import { edgeIn, halfOf, onPieces } from "./piecesOf.ts";

/** A strap, as long as it is cut. */
export const strap: LikedPoint = {
  id: "strap",
  measure(draft) {
    const long = edgeIn(halfOf(draft, "strap"), "long");
    if (!long) return null;
    const mm = edgeLength(long);
    return { mm, formula: "L = s", terms: [onPieces("s", "strap, along its length", mm)] };
  },
  longer(draft, byMm) {
    const end = edgeIn(halfOf(draft, "strap"), "end");
    if (!end) return [];
    const whole = edgeLength(end);
    const params = { piece: "strap", edge: end.id, amount: byMm, fullFrom: 0, fullTo: whole };
    return [call("letOut", { ...params, blendBefore: 0, blendAfter: 0 })];
  },
};
