import { call, edgeLength } from "../../drafting/index.ts";
import { crotchShare } from "../crotchShare.ts";
import type { LikedPoint } from "./likedPoint.ts";
import { edgeIn, halfOf, onPieces } from "./piecesOf.ts";

/** A rise from the waist edge down the centre to the crotch point, which lies in the gusset. */
const riseOf = (id: LikedPoint["id"], half: "front" | "back"): LikedPoint => ({
  id,
  measure(draft) {
    const [piece, gusset] = [halfOf(draft, half), halfOf(draft, "gusset")];
    const centre = edgeIn(piece, "centreFront", "centreBack");
    const along = edgeIn(gusset, "centre");
    const share = crotchShare(draft);
    if (!centre || !along || !share || !edgeIn(piece, "waist")) return null;
    const [centreMm, gussetMm] = [edgeLength(centre), edgeLength(along)];
    const part = half === "front" ? share.value : 1 - share.value;
    return {
      mm: centreMm + part * gussetMm,
      formula: half === "front" ? "L = c + p · g" : "L = c + (1 − p) · g",
      terms: [
        onPieces("c", `centre of the ${half}`, centreMm),
        share,
        onPieces("g", "gusset, along its middle", gussetMm),
      ],
    };
  },
  longer(draft, byMm) {
    // At the centre alone: the side is sewn to the other half.
    const levels = halfOf(draft, half)?.levels.map(({ level }) => level) ?? [];
    const [from = "", to = ""] = levels;
    return [call("lengthen", { piece: half, from, to, centre: byMm, side: 0 })];
  },
});

/** Waist edge to crotch point, at the front. */
export const frontRise = riseOf("frontRise", "front");

/** Waist edge to crotch point, at the back. */
export const backRise = riseOf("backRise", "back");
