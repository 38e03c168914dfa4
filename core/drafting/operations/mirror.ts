import { Type } from "typebox";
import { fail, ok } from "../../result.ts";
import { isParted, sideOf, withSide } from "../parted/index.ts";
import type { BodySide } from "../piece/index.ts";
import { operation } from "./operation.ts";

/** `mirror`: one side made the mirror image of the other again. */
export const mirror = operation({
  id: "mirror",
  name: "Mirror one side",
  about: "Makes one side of a draft whose left and right were told apart the mirror image of the other.",
  params: Type.Object({ from: Type.Enum(["left", "right"]) }, { additionalProperties: false }),
  apply(draft, { from }) {
    if (!isParted(draft))
      return fail("not-parted", "Expected a draft whose left and right are told apart, but both sides are alike.");
    const other: BodySide = from === "left" ? "right" : "left";
    const image = sideOf(draft, from);
    const pieces = image.pieces.map((piece) =>
      piece.half ? { ...piece, half: { ...piece.half, side: other } } : piece,
    );
    return ok(withSide(draft, other, { ...image, pieces }));
  },
});
