import { letOutAlong } from "./letOut.ts";
import { operation } from "./operation.ts";
import { betweenMarks } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withEdge } from "./withEdge.ts";

/** `letOut`: an edge of a piece taken in or let out between two marks, run to nothing beyond them. Its linked pieces follow. */
export const letOutEdge = operation({
  id: "letOut",
  name: "Take in or let out",
  about: "Moves an edge between two marks, above 0 outward, and runs out to nothing beyond them; linked pieces follow.",
  params: betweenMarks(),
  apply(draft, { piece: id, edge, amount: amountMm, fullFrom, fullTo, blendBefore, blendAfter }) {
    const blend = {
      amountMm,
      fullFromMm: fullFrom,
      fullToMm: fullTo,
      beforeMm: blendBefore,
      afterMm: blendAfter,
    };
    return changedAlike(draft, id, (piece) => withEdge(piece, edge, (lines) => letOutAlong(lines, blend)));
  },
});
