import { Type } from "typebox";
import { fail, ok } from "../../result.ts";
import { operation } from "./operation.ts";
import { name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { edgeAt } from "./withEdge.ts";

/** Widest allowance, mm. */
const WIDEST_MM = 100;

/** `allow`: how an edge is finished, and what is added beyond its seam line for it. */
export const allow = operation({
  id: "allow",
  name: "Set finish and allowance",
  about: "Says how an edge is finished and how much is added outside its seam line; linked pieces take the same.",
  params: Type.Object(
    {
      piece: name(),
      edge: name(),
      finish: Type.Enum(["seam", "elastic", "hem", "raw"]),
      allowance: Type.Number({ minimum: 0, maximum: WIDEST_MM }),
    },
    { additionalProperties: false },
  ),
  apply(draft, { piece: id, edge: which, finish, allowance }) {
    return changedAlike(draft, id, (piece) => {
      const edge = edgeAt(piece, which);
      if (!edge.ok) return edge;
      if (edge.value.finish === "fold")
        return fail("on-the-fold", `Expected an edge of ${piece.id} that is cut, but ${which} lies on the fold.`);
      const made = { ...edge.value, finish, allowanceMm: allowance };
      return ok({ ...piece, edges: piece.edges.map((one) => (one.id === which ? made : one)) });
    });
  },
});
