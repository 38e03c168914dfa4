import { fail } from "../../result.ts";
import { lengthOfEdges } from "../geometry/index.ts";
import { onBothEdges } from "./bothSides.ts";
import { letOutAlong } from "./letOut.ts";
import { operation } from "./operation.ts";
import { betweenMarks } from "./params.ts";

/** `moveSeam`: a style line moved on the flat: what a piece gains there its neighbour gives. */
export const moveSeam = operation({
  id: "moveSeam",
  name: "Move a seam",
  about:
    "Moves the seam between two pieces, above 0 away from the one named: what that gains its neighbour gives; full between two marks, to nothing over the blends.",
  params: betweenMarks(),
  apply: (draft, { piece: id, edge, amount: amountMm, fullFrom, fullTo, blendBefore, blendAfter }) => {
    const named = draft.pieces.find((one) => one.id === id)?.edges.find((one) => one.id === edge);
    if (named && !named.seam)
      return fail("no-seam", `Expected an edge that is sewn to another, but ${edge} of ${id} is not.`);
    return onBothEdges(draft, id, edge, ({ is, part }) => (lines) => {
      const whole = lengthOfEdges(lines);
      // The neighbour's seam may be gone along the other way: then its marks are counted from the other end.
      const turned = part(0) !== 0;
      const [from, to] = turned ? [whole - fullTo, whole - fullFrom] : [fullFrom, fullTo];
      const [before, after] = turned ? [blendAfter, blendBefore] : [blendBefore, blendAfter];
      return letOutAlong(lines, {
        amountMm: is === "partner" ? -amountMm : amountMm,
        ...{ fullFromMm: from, fullToMm: to, beforeMm: before, afterMm: after },
      });
    });
  },
});
