import { Type } from "typebox";
import { fail, ok, type Result } from "../../result.ts";
import { directionAt, type Edge, lengthOfEdges, moved, partAlong, straight, way } from "../geometry/index.ts";
import { edgeLength, type Piece, type PieceEdge } from "../piece/index.ts";
import { operation } from "./operation.ts";
import { amount, name } from "./params.ts";
import { changedAlike } from "./pieces.ts";
import { edgeAt, withEdge, withEnd } from "./withEdge.ts";

/** At least so much of an edge stays, mm. */
const LEAST_MM = 10;

/** `moveEnd`: an edge made longer or shorter at one of its ends, along its own way; what meets it there goes with it. */
export const moveEnd = operation({
  id: "moveEnd",
  name: "Move the end of an edge",
  about:
    "Makes an edge longer (above 0) or shorter at its start or end, along its own way; the edge that meets it there goes along and meets it as square as before. A centre on the fold goes along the fold.",
  params: Type.Object(
    { piece: name(), edge: name(), end: Type.Enum(["start", "end"]), amount: amount() },
    { additionalProperties: false },
  ),
  apply(draft, { piece: id, edge, end, amount: byMm }) {
    return changedAlike(draft, id, (piece) => {
      const found = edgeAt(piece, edge);
      if (!found.ok) return found;
      const whole = edgeLength(found.value);
      if (whole + byMm < LEAST_MM)
        return fail(
          "nothing-left",
          `Expected at least ${LEAST_MM} mm of ${edge} of ${piece.id} to stay, but it is ${whole.toFixed(0)} mm and shortened by ${(-byMm).toFixed(0)} mm.`,
        );
      const redrawn = (lines: readonly Edge[]) => longerAt(lines, end, byMm);
      return found.value.finish === "fold"
        ? foldMoved(piece, found.value, end, redrawn(found.value.lines))
        : withEdge(piece, edge, (lines) => ok(redrawn(lines)));
    });
  },
});

/** Lines longer at one end, straight on in the direction they have there; or ended sooner. */
function longerAt(lines: readonly Edge[], end: "start" | "end", byMm: number): Edge[] {
  const whole = lengthOfEdges(lines);
  if (byMm < 0) return end === "start" ? partAlong(lines, -byMm, whole) : partAlong(lines, 0, whole + byMm);
  const [first, last] = [lines[0], lines.at(-1)];
  if (end === "start") {
    const toward = first && directionAt(first, 0);
    if (!first || !toward) return [...lines];
    const from = moved(first.from, toward, -byMm);
    return first.kind === "straight"
      ? [straight(from, first.to), ...lines.slice(1)]
      : [straight(from, first.from), ...lines];
  }
  const toward = last && directionAt(last, 1);
  if (!last || !toward) return [...lines];
  const to = moved(last.to, toward, byMm);
  return last.kind === "straight"
    ? [...lines.slice(0, -1), straight(last.from, to)]
    : [...lines, straight(last.to, to)];
}

/** A piece with an end of its fold moved along it; levels that no longer begin on the fold are cut off. */
function foldMoved(piece: Piece, fold: PieceEdge, end: "start" | "end", lines: readonly Edge[]): Result<Piece> {
  const at = piece.edges.indexOf(fold);
  const count = piece.edges.length;
  const beside = (at + (end === "start" ? count - 1 : 1)) % count;
  const which = end === "start" ? "end" : "start";
  const [old, now] =
    end === "start" ? [fold.lines[0]?.from, lines[0]?.from] : [fold.lines.at(-1)?.to, lines.at(-1)?.to];
  if (!old || !now) return ok(piece);
  const ends = lines.flatMap(({ from, to }) => [from.y, to.y]);
  const [top, bottom] = [Math.min(...ends), Math.max(...ends)];
  return ok({
    ...piece,
    edges: piece.edges.map((edge, index) => {
      if (index === at) return { ...edge, lines };
      return index === beside ? { ...edge, lines: withEnd(edge.lines, which, { by: way(old, now), turn: 0 }) } : edge;
    }),
    levels: piece.levels.filter(({ from }) => from.y >= top && from.y <= bottom),
  });
}
