import { Type } from "typebox";
import { ok, type Result } from "../../result.ts";
import type { Point } from "../geometry/index.ts";
import type { Piece } from "../piece/index.ts";
import { amountAt, type Band, bandOf, eased, partDown, warpedPiece } from "../warp/index.ts";
import { operation } from "./operation.ts";
import { amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";

/** `moveLevel`: a line moved up or down on a piece; the lines above and below it keep their place. */
export const moveLevel = operation({
  id: "moveLevel",
  name: "Move a line",
  about:
    "Moves a level down (above 0) or up (below 0), at the centre and at the side by their own amounts; the levels above and below keep their place, and an end of the piece beyond it moves along.",
  params: Type.Object(
    { piece: name(), level: name(), centre: amount(), side: amount() },
    { additionalProperties: false },
  ),
  apply(draft, { piece, level, centre, side }) {
    return changedAlike(draft, piece, (one) => {
      const sides = bandsBeside(one, level);
      if (!sides.ok) return sides;
      const { above, below } = sides.value;
      const part = (place: Point) =>
        (above ? eased(partDown(above, place)) : 1) * (below ? 1 - eased(partDown(below, place)) : 1);
      const wide = above ?? below;
      if (!wide) return ok(one);
      return ok(
        warpedPiece(one, (place) => ({
          x: place.x,
          y: place.y + amountAt(wide, { centre, side }, place.x) * part(place),
        })),
      );
    });
  },
});

/** The stretches above and below a level, to the next levels; null above the first of them, whose edge moves along. */
function bandsBeside(
  piece: Piece,
  level: string,
): Result<{ readonly above: Band | null; readonly below: Band | null }> {
  const ids = piece.levels.map((line) => line.level);
  const at = ids.indexOf(level);
  const below = bandOf(piece, level, ids[at + 1] ?? "sideEnd");
  if (!below.ok) return below;
  const before = at > 0 ? ids[at - 1] : undefined;
  if (before === undefined) return ok({ above: null, below: below.value });
  const above = bandOf(piece, before, level);
  return above.ok ? ok({ above: above.value, below: below.value }) : above;
}
