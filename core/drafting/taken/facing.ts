import { between, moved, PLAIN, partAlong, point, smoothCurve, straight, unit, way } from "../geometry/index.ts";
import { edgeLength, type Piece, type PieceEdge, type TakenFrom } from "../piece/index.ts";
import type { TakenDrawn } from "./rule.ts";

/** Across a piece, toward the centre. */
const LEFT = point(-1, 0);

/** A facing: the upper edges of a half again, down to a line so far below them. */
export function facingEdges(
  taken: Piece,
  from: Piece,
  { depthMm }: Extract<TakenFrom, { kind: "facing" }>,
): TakenDrawn | null {
  // Its first three edges are those of the half, by their names there: neckline, what the strap or the shoulder ends in, armhole.
  const [neck, strap, hole] = taken.edges.slice(0, 3).map(({ id }) => from.edges.find((edge) => edge.id === id));
  if (!neck || !strap || !hole) return null;
  const upper = partAlong(hole.lines, 0, Math.min(depthMm, edgeLength(hole)));
  const [top, end] = [neck.lines[0]?.from, upper.at(-1)?.to];
  if (!top || !end) return null;
  const low = point(0, top.y + depthMm);
  // Square to the fold, and on from there to where the armhole has gone as deep.
  const lower = smoothCurve({ at: end, toward: unit(way(end, low)) ?? LEFT }, { at: low, toward: LEFT }, PLAIN);
  // The same grain, in the middle of what is there of the facing.
  const by = way(between(from.grain.from, from.grain.to, 0.5), point(end.x / 2, (top.y + low.y) / 2));
  const lines: Readonly<Record<string, PieceEdge["lines"]>> = {
    [neck.id]: neck.lines,
    [strap.id]: strap.lines,
    [hole.id]: upper,
    lower: [lower],
    centre: [straight(low, top)],
  };
  return {
    edges: taken.edges.map((edge) => ({ ...edge, lines: lines[edge.id] ?? edge.lines })),
    levels: [],
    grain: { from: moved(from.grain.from, by), to: moved(from.grain.to, by) },
  };
}
