import { Type } from "typebox";
import { fail, ok, type Result } from "../../result.ts";
import {
  angleBetween,
  cross,
  distance,
  type Edge,
  lengthNearest,
  mapped,
  moved,
  type Point,
  partAlong,
  trued,
  turned,
  way,
} from "../geometry/index.ts";
import { edgeLength, movedPoints, type Piece, type PieceEdge } from "../piece/index.ts";
import { operation } from "./operation.ts";
import { along, amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";

/** The edge is trued over this to either side of the slash, mm. */
const TRUED_MM = 25;

/** `slash`: a piece cut from an edge to where a level meets the side, spread or folded there, and the edge trued. */
export const slash = operation({
  id: "slash",
  name: "Spread or fold a wedge",
  about:
    "Cuts from a place on an edge to the side at a level and swings what lies beyond about that hinge: spread at the edge above 0, a wedge folded out below 0. The seam at the side keeps its length, the edge is trued.",
  params: Type.Object(
    { piece: name(), edge: name(), at: along(), hinge: name(), amount: amount() },
    { additionalProperties: false },
  ),
  apply(draft, { piece, edge, at, hinge, amount: byMm }) {
    return changedAlike(draft, piece, (one) => swung(one, { edge, at, hinge, byMm }));
  },
});

interface Slash {
  readonly edge: string;
  readonly at: number;
  readonly hinge: string;
  readonly byMm: number;
}

function swung(piece: Piece, { edge: id, at, hinge, byMm }: Slash): Result<Piece> {
  const first = piece.edges.findIndex((edge) => edge.id === id);
  const last = piece.edges.findIndex((edge) => edge.id === "side");
  const [edge, side] = [piece.edges[first], piece.edges[last]];
  const level = piece.levels.find((line) => line.level === hinge);
  if (!edge || !side || last <= first)
    return fail("unknown-edge", `Expected an edge of ${piece.id} before its side, but got “${id}”.`);
  if (!level)
    return fail(
      "unknown-level",
      `Expected a level of ${piece.id} to swing about: ${piece.levels.map((line) => line.level).join(", ") || "it has none"}, but got “${hinge}”.`,
    );
  const whole = edgeLength(edge);
  // Folded out, what follows the slash by the amount comes to lie on it; spread, it moves on by as much.
  const beyond = byMm < 0 ? at - byMm : at;
  if (beyond > whole - TRUED_MM || at < TRUED_MM)
    return fail(
      "no-room",
      `Expected the slash ${TRUED_MM} mm or more from both ends of ${id}, which is ${whole.toFixed(0)} mm long, but it goes from ${at.toFixed(0)} to ${beyond.toFixed(0)} mm.`,
    );
  const pivot = level.to;
  const [before, after] = [partAlong(edge.lines, 0, at), partAlong(edge.lines, beyond, whole)];
  const [cut, rest] = [before.at(-1)?.to, after[0]?.from];
  if (!cut || !rest) return fail("no-room", `Expected ${id} to have a length on both sides of the slash.`);
  const angle =
    byMm < 0
      ? angleBetween(way(pivot, rest), way(pivot, cut))
      : 2 * Math.asin(Math.min(1, byMm / (2 * distance(pivot, rest))));
  const swing = (place: Point) => moved(pivot, turned(way(pivot, place), angle));
  const swungLines = (lines: readonly Edge[]) => lines.map((line) => mapped(line, swing));
  const hingeMm = lengthNearest(side.lines, pivot);
  const edges = piece.edges.map((one, index): PieceEdge => {
    if (index === first) return { ...one, lines: trued(before, swungLines(after), TRUED_MM / 2) };
    if (index > first && index < last) return { ...one, lines: swungLines(one.lines) };
    if (index !== last) return one;
    const low = partAlong(one.lines, hingeMm, edgeLength(one));
    return { ...one, lines: [...swungLines(partAlong(one.lines, 0, hingeMm)), ...low] };
  });
  // What lies beyond the cut, clockwise of it about the hinge, swings.
  const beyondCut = (place: Point) => cross(way(pivot, cut), way(pivot, place)) > 0;
  const above = (line: (typeof piece.levels)[number]) => line.level !== hinge && line.to.y < pivot.y;
  return ok({
    ...piece,
    edges,
    levels: piece.levels.map((line) => (above(line) ? { ...line, to: swing(line.to) } : line)),
    ...movedPoints(piece, (place) => (beyondCut(place) ? swing(place) : place)),
  });
}
