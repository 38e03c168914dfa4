import { Type } from "typebox";
import { ok } from "../../result.ts";
import { amountAt, bandOf, eased, partDown, warpedPiece } from "../warp/index.ts";
import { operation } from "./operation.ts";
import { amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";

/** `lengthen`: a piece made longer or shorter between two levels; what lies below moves with it, linked pieces follow. */
export const lengthen = operation({
  id: "lengthen",
  name: "Lengthen or shorten",
  about:
    "Cuts a piece apart between two levels and spreads it (above 0) or folds it out (below 0), at the centre and at the side by their own amounts; all below moves with it, the seams are trued.",
  params: Type.Object(
    { piece: name(), from: name(), to: name(), centre: amount(), side: amount() },
    { additionalProperties: false },
  ),
  apply(draft, { piece, from, to, centre, side }) {
    return changedAlike(draft, piece, (one) => {
      const band = bandOf(one, from, to);
      if (!band.ok) return band;
      const at = band.value;
      return ok(
        warpedPiece(one, (place) => ({
          x: place.x,
          y: place.y + amountAt(at, { centre, side }, place.x) * eased(partDown(at, place)),
        })),
      );
    });
  },
});
