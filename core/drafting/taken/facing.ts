import { between, moved, PLAIN, partAlong, point, smoothCurve, straight, unit, way } from "../geometry/index.ts";
import { edgeLength, edgeOf, type Piece, type PieceEdge, type TakenFrom } from "../piece/index.ts";
import type { TakenDrawn } from "./rule.ts";

/** Across a piece, toward the centre. */
const LEFT = point(-1, 0);

/** A facing: the upper edges of a half again, down to a line so far below them. */
export function facingEdges(
  taken: Piece,
  from: Piece,
  { depthMm }: Extract<TakenFrom, { kind: "facing" }>,
): TakenDrawn | null {
  const [neck, strap, hole] = [edgeOf(from, "neckline"), edgeOf(from, "strap"), edgeOf(from, "armhole")];
  const upper = partAlong(hole.lines, 0, Math.min(depthMm, edgeLength(hole)));
  const [top, end] = [neck.lines[0]?.from, upper.at(-1)?.to];
  if (!top || !end) return null;
  const low = point(0, top.y + depthMm);
  // Square to the fold, and on from there to where the armhole has gone as deep.
  const lower = smoothCurve({ at: end, toward: unit(way(end, low)) ?? LEFT }, { at: low, toward: LEFT }, PLAIN);
  // The same grain, in the middle of what is there of the facing.
  const by = way(between(from.grain.from, from.grain.to, 0.5), point(end.x / 2, (top.y + low.y) / 2));
  const lines: Readonly<Record<string, PieceEdge["lines"]>> = {
    neckline: neck.lines,
    strap: strap.lines,
    armhole: upper,
    lower: [lower],
    centre: [straight(low, top)],
  };
  return {
    edges: taken.edges.map((edge) => ({ ...edge, lines: lines[edge.id] ?? edge.lines })),
    levels: [],
    grain: { from: moved(from.grain.from, by), to: moved(from.grain.to, by) },
  };
}
