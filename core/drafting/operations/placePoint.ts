import { Type } from "typebox";
import { fail, ok, type Result } from "../../result.ts";
import { crossings, type Point, point, straight } from "../geometry/index.ts";
import { boxOfEdges, outlineOf, type Piece } from "../piece/index.ts";
import { operation } from "./operation.ts";
import { along, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";

/** `placePoint`: a drill point set where it was measured at a fitting. */
export const placePoint = operation({
  id: "placePoint",
  name: "Place a point",
  about:
    "Sets a drill point (the apex) by its distance from the centre and straight down from the upper edge there; darts that turn about it follow.",
  params: Type.Object(
    { piece: name(), point: name(), fromCentre: along(), below: along() },
    { additionalProperties: false },
  ),
  apply(draft, { piece: id, point: which, fromCentre, below }) {
    return changedAlike(draft, id, (piece) => {
      const at = placeBelow(piece, fromCentre, below);
      return at.ok ? ok(withPoint(piece, which, at.value)) : at;
    });
  },
});

/** A place of a piece by how far from its centre and below its upper edge it lies. @returns it, or `off-the-piece`. */
function placeBelow(piece: Piece, fromCentre: number, below: number): Result<Point> {
  const { from, to } = boxOfEdges(outlineOf(piece));
  const upright = straight(point(fromCentre, from.y - 1), point(fromCentre, to.y + 1));
  const met = outlineOf(piece)
    .flatMap((line) => crossings(upright, line))
    .map(({ at }) => at.y);
  const [top, bottom] = [Math.min(...met), Math.max(...met)];
  return met.length > 0 && top + below < bottom
    ? ok(point(fromCentre, top + below))
    : fail(
        "off-the-piece",
        `Expected a place on ${piece.id}, up to ${to.x.toFixed(0)} mm from its centre and above its lower edge, but got ${fromCentre.toFixed(0)} mm from the centre and ${below.toFixed(0)} mm down.`,
      );
}

/** A piece with a drill point where it is now. */
export const withPoint = (piece: Piece, id: string, at: Point): Piece => ({
  ...piece,
  points: [...(piece.points ?? []).filter((one) => one.id !== id), { id, at }],
});
