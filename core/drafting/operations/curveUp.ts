import { Type } from "typebox";
import { fail } from "../../result.ts";
import { lengthOfEdges } from "../geometry/index.ts";
import { letOutAlong } from "./letOut.ts";
import { operation } from "./operation.ts";
import { amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withEdge } from "./withEdge.ts";

/** `curveUp`: an edge curved in at one of its ends, to nothing before the allowance at the other: a sway back at a seam that is there. */
export const curveUp = operation({
  id: "curveUp",
  name: "Curve an edge at one end",
  about:
    "Takes an edge in at its start or its end (below 0 lets it out), running to nothing where the allowance of the neighbour at its other end begins.",
  params: Type.Object(
    { piece: name(), edge: name(), end: Type.Enum(["start", "end"]), amount: amount() },
    { additionalProperties: false },
  ),
  apply(draft, { piece: id, edge, end, amount: amountMm }) {
    return changedAlike(draft, id, (piece) => {
      const at = piece.edges.findIndex((one) => one.id === edge);
      const beyond = piece.edges.at(end === "start" ? (at + 1) % piece.edges.length : at - 1);
      const keptMm = beyond?.allowanceMm ?? 0;
      return withEdge(piece, edge, (lines) => {
        const whole = lengthOfEdges(lines);
        const [full, blendMm] = [end === "start" ? 0 : whole, whole - keptMm];
        if (blendMm <= 0)
          return fail(
            "no-room",
            `Expected ${edge} of ${piece.id} to be longer than the allowance of ${keptMm.toFixed(0)} mm at its other end, but it is ${whole.toFixed(0)} mm.`,
          );
        return letOutAlong(lines, {
          ...{ amountMm: -amountMm, fullFromMm: full, fullToMm: full },
          ...{ beforeMm: end === "end" ? blendMm : 0, afterMm: end === "start" ? blendMm : 0 },
        });
      });
    });
  },
});
