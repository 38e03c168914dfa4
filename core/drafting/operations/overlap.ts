import { type Static, Type } from "typebox";
import { fail, type Result } from "../../result.ts";
import {
  crossings,
  distance,
  lengthNearest,
  lengthOfEdges,
  moved,
  type Point,
  square,
  standingAlong,
  straight,
  unit,
  way,
} from "../geometry/index.ts";
import { boxOfEdges, type Dart, outlineOf, type Piece, type PieceEdge } from "../piece/index.ts";
import { operation } from "./operation.ts";
import { along, gap, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { withDartBeside } from "./placedDart.ts";
import { withPoint } from "./placePoint.ts";
import { edgeAt } from "./withEdge.ts";

const PARAMS = Type.Object(
  {
    piece: name(),
    edge: name(),
    at: along(),
    width: gap(),
    depth: gap(),
    into: name(),
    /** Left out where the dart is sewn where the piece overlaps. */
    intoAt: Type.Optional(along()),
    stop: gap(),
  },
  { additionalProperties: false },
);

/** `overlap`: what a piece overlaps by where it is laid to the body becomes a dart; the seam that takes it is lengthened first. */
export const overlap = operation({
  id: "overlap",
  name: "Turn an overlap into a dart",
  about:
    "Where a piece would not lie flat, slit at an edge and lapped over itself: the angle of the lap becomes a dart in that seam or another, which is lengthened first, so that sewn it still meets its neighbour.",
  params: PARAMS,
  apply: (draft, asked) =>
    changedAlike(draft, asked.piece, (piece) => {
      const edge = edgeAt(piece, asked.edge);
      return edge.ok ? lapped(piece, edge.value, asked) : edge;
    }),
});

function lapped(piece: Piece, edge: PieceEdge, asked: Static<typeof PARAMS>): Result<Piece> {
  const { at, width, depth, into, intoAt, stop } = asked;
  const standing = standingAlong(edge.lines, at);
  const whole = lengthOfEdges(edge.lines);
  if (!standing || at < 1 || at > whole - 1)
    return fail(
      "marks-outside",
      `Expected a place on ${edge.id} of ${piece.id}, 1 to ${(whole - 1).toFixed(0)} mm along it, but got ${at.toFixed(0)} mm.`,
    );
  if (width <= 0 || depth <= 0)
    return fail("no-overlap", "Expected how much it laps at the edge, and how far in the lap ends, both above 0.");
  const point = moved(standing.at, square(standing.along), depth);
  const across = acrossFrom(piece, edge, standing.at, point);
  if (!across)
    return fail(
      "off-the-piece",
      `Expected the lap to end within ${piece.id}, but ${depth.toFixed(0)} mm in from ${edge.id} there is nothing of it.`,
    );
  const id = freePoint(piece);
  const made = { point: id, into, widthMm: width, stopMm: stop, id: `${into}.dart` };
  const marked = withPoint(piece, id, point);
  if (into === edge.id) {
    if (stop >= depth)
      return fail(
        "no-dart",
        `Expected the point to stop less than ${depth.toFixed(0)} mm before the end of the lap, where the dart begins, but got ${stop.toFixed(0)} mm.`,
      );
    const lengthened: Dart = { ...made, edge: across.edge, atMm: across.mm, intoMm: at, lengthens: true };
    return withDartBeside(marked, piece.darts ?? [], lengthened);
  }
  if (intoAt === undefined)
    return fail("no-place", `Expected where along ${into} the dart goes in, but nothing was said.`);
  return withDartBeside(marked, piece.darts ?? [], { ...made, edge: edge.id, atMm: at, intoMm: intoAt });
}

/** Where a line from a place of an edge through a point meets the outline beyond the point; null where the point lies off the piece. */
function acrossFrom(piece: Piece, from: PieceEdge, mouth: Point, through: Point) {
  const { from: low, to: high } = boxOfEdges(outlineOf(piece));
  const toward = unit(way(mouth, through));
  if (!toward) return null;
  const ray = straight(moved(mouth, toward, CLEAR_MM), moved(mouth, toward, distance(low, high)));
  const met = piece.edges
    .flatMap(({ id, lines }) =>
      lines.flatMap((line) => crossings(ray, line).map(({ at }) => ({ edge: id, place: at, lines }))),
    )
    .toSorted((one, other) => distance(mouth, one.place) - distance(mouth, other.place));
  const [first] = met;
  if (!first || first.edge === from.id || distance(mouth, first.place) <= distance(mouth, through)) return null;
  return { edge: first.edge, mm: lengthNearest(first.lines, first.place) };
}

/** The edge a line begins at is not met by it this near, mm. */
const CLEAR_MM = 0.5;

/** A name for one more drill point. */
function freePoint({ points = [] }: Piece): string {
  for (let number = 1; ; number += 1) if (!points.some(({ id }) => id === `lap ${number}`)) return `lap ${number}`;
}
