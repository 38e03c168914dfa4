import { Type } from "typebox";
import { lengthOfEdges } from "../../geometry/index.ts";
import { onBothEdges } from "../bothSides.ts";
import { letOutAlong } from "../letOut.ts";
import { operation } from "../operation.ts";
import { amount, name } from "../params.ts";

/** `cupSeam`: volume given to a cup at one of its seams, or taken. */
export const cupSeam = operation({
  id: "cupSeam",
  name: "Cup seam up or down",
  about:
    "Gives volume at a seam of a cup (below 0 takes it): half from each of its two pieces, or all at an edge that is no seam; fullest at a part of the way along it, to nothing at both ends.",
  params: Type.Object(
    { piece: name(), edge: name(), amount: amount(), at: Type.Number({ minimum: 0.05, maximum: 0.95 }) },
    { additionalProperties: false },
  ),
  apply: (draft, { piece: id, edge: edgeId, amount: amountMm, at }) =>
    onBothEdges(draft, id, edgeId, ({ is, part }) => (lines) => {
      const whole = lengthOfEdges(lines);
      const full = whole * part(at);
      return letOutAlong(lines, {
        ...{ amountMm: is === "alone" ? amountMm : amountMm / 2, fullFromMm: full, fullToMm: full },
        ...{ beforeMm: full, afterMm: whole - full },
      });
    }),
});
