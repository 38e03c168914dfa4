import { Type } from "typebox";
import { lengthOfEdges } from "../geometry/index.ts";
import { letOutAlong } from "./letOut.ts";
import { operation } from "./operation.ts";
import { amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withEdge } from "./withEdge.ts";

/** `blendSizes`: an edge led from one size at its start to another at its end. */
export const blendSizes = operation({
  id: "blendSizes",
  name: "Blend between two sizes",
  about:
    "Moves an edge outward by one amount at its start and by another at its end (what the two sizes lie away there), from one to the other in a smooth line.",
  params: Type.Object({ piece: name(), edge: name(), start: amount(), end: amount() }, { additionalProperties: false }),
  apply(draft, { piece: id, edge, start, end }) {
    // From one amount to the other is each of them running to nothing at the other end: their sum.
    return changedAlike(draft, id, (piece) =>
      withEdge(piece, edge, (lines) => {
        const first = lengthOfEdges(lines);
        const from = letOutAlong(lines, { amountMm: start, fullFromMm: 0, fullToMm: 0, beforeMm: 0, afterMm: first });
        if (!from.ok) return from;
        const whole = lengthOfEdges(from.value);
        const blend = { fullFromMm: whole, fullToMm: whole, beforeMm: whole, afterMm: 0 };
        return letOutAlong(from.value, { amountMm: end, ...blend });
      }),
    );
  },
});
