import { Type } from "typebox";
import { lengthOfEdges } from "../geometry/index.ts";
import { letOutAlong } from "./letOut.ts";
import { operation } from "./operation.ts";
import { along, amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withEdge } from "./withEdge.ts";

/** `scoop`: an edge hollowed out, most at one place, to nothing at its ends. */
export const scoop = operation({
  id: "scoop",
  name: "Scoop an edge",
  about:
    "Hollows an edge out by a depth at one place (below 0 fills it), running to nothing at both of its ends; at a fold it stays square.",
  params: Type.Object({ piece: name(), edge: name(), at: along(), depth: amount() }, { additionalProperties: false }),
  apply(draft, { piece: id, edge, at, depth }) {
    return changedAlike(draft, id, (piece) =>
      withEdge(piece, edge, (lines) => {
        const whole = lengthOfEdges(lines);
        return letOutAlong(lines, {
          ...{ amountMm: -depth, fullFromMm: at, fullToMm: at },
          ...{ beforeMm: at, afterMm: whole - at },
        });
      }),
    );
  },
});
