import { directionAt, lengthNearest, partAlong, reversed, straight } from "../geometry/index.ts";
import { edgeOf, type Piece, type PieceEdge, type TakenFrom } from "../piece/index.ts";
import { lineAcross } from "./lineAcross.ts";
import type { TakenDrawn } from "./rule.ts";

/** A half again as far down as the line of a level: its upper edges, its side down to there, and across. */
export function upperPart(
  taken: Piece,
  from: Piece,
  { level: id }: Extract<TakenFrom, { kind: "above" }>,
): TakenDrawn | null {
  const level = from.levels.find((line) => line.level === id);
  const [side, neck] = [edgeOf(from, "side"), from.edges.find(({ role }) => role === "neckline")];
  const top = neck?.lines[0]?.from;
  if (!level || !top || level.from.y <= top.y) return null;
  const sideLines = partAlong(side.lines, 0, lengthNearest(side.lines, level.to));
  const last = sideLines.at(-1);
  const down = last && directionAt(last, 1);
  if (!last || !down) return null;
  const lines: Readonly<Record<string, PieceEdge["lines"]>> = {
    ...Object.fromEntries(from.edges.map((edge) => [edge.id, edge.lines])),
    side: sideLines,
    lower: [reversed(lineAcross(level.from, { at: last.to, down }))],
    centre: [straight(level.from, top)],
  };
  return {
    edges: taken.edges.map((edge) => ({ ...edge, lines: lines[edge.id] ?? edge.lines })),
    levels: [],
    grain: from.grain,
  };
}
