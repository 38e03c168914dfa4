import { Type } from "typebox";
import { fail, ok } from "../../result.ts";
import { moved, point as placed } from "../geometry/index.ts";
import { pointOf } from "../piece/index.ts";
import { operation } from "./operation.ts";
import { amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withPoint } from "./placePoint.ts";

/** `movePoint`: the apex, or another drill point, moved; a dart that turns about it follows. */
export const movePoint = operation({
  id: "movePoint",
  name: "Move a point",
  about: "Moves a drill point (the apex) away from the centre and down, both above 0; darts that turn about it follow.",
  params: Type.Object(
    { piece: name(), point: name(), across: amount(), down: amount() },
    { additionalProperties: false },
  ),
  apply(draft, { piece: id, point, across, down }) {
    return changedAlike(draft, id, (piece) => {
      const at = pointOf(piece, point);
      return at
        ? ok(withPoint(piece, point, moved(at, placed(across, down))))
        : fail(
            "unknown-point",
            `Expected a point of ${piece.id}: ${(piece.points ?? []).map((one) => one.id).join(", ") || "none is marked on it"}, but got “${point}”.`,
          );
    });
  },
});
