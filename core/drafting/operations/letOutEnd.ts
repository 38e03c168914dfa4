import { Type } from "typebox";
import { lengthOfEdges } from "../geometry/index.ts";
import { letOutAlong } from "./letOut.ts";
import { operation } from "./operation.ts";
import { along, amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withEdge } from "./withEdge.ts";

/** `letOutEnd`: an edge taken in or let out at one of its ends, run to nothing along it; what meets it there goes with it. */
export const letOutEnd = operation({
  id: "letOutEnd",
  name: "Take in or let out an end",
  about:
    "Moves an edge at its start or its end, above 0 outward, and runs out to nothing over the blend; wherever the edge of each piece ends.",
  params: Type.Object(
    { piece: name(), edge: name(), end: Type.Enum(["start", "end"]), amount: amount(), blend: along() },
    { additionalProperties: false },
  ),
  apply(draft, { piece: id, edge, end, amount: amountMm, blend }) {
    return changedAlike(draft, id, (piece) =>
      withEdge(piece, edge, (lines) => {
        const whole = lengthOfEdges(lines);
        const [at, over] = [end === "start" ? 0 : whole, Math.min(blend, whole)];
        return letOutAlong(lines, {
          ...{ amountMm, fullFromMm: at, fullToMm: at },
          ...{ beforeMm: end === "end" ? over : 0, afterMm: end === "start" ? over : 0 },
        });
      }),
    );
  },
});
