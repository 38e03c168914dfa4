import { boxOfEdges, clockwiseEdges, type Piece, type PieceEdge, point } from "../../drafting/index.ts";
import { lineId, type OwnEdge, type OwnOutline } from "./working.ts";

/** Pieces that were read in, each with the edges that name its lines; lines nobody named are edges without a name of their own. */
export const ownPieces = (outlines: readonly OwnOutline[], edges: readonly OwnEdge[]): Piece[] =>
  outlines.flatMap((outline) => {
    const own = new Map(edges.filter(({ line }) => line.startsWith(`${outline.id}.`)).map((edge) => [edge.line, edge]));
    const [first] = own.values();
    return first ? [pieceOf(outline, own, first)] : [];
  });

function pieceOf(
  { id, count, edges: lines }: OwnOutline,
  own: ReadonlyMap<string, OwnEdge>,
  { piece, twice }: OwnEdge,
): Piece {
  const made = lines.map((run, at): PieceEdge => {
    const edge = own.get(lineId(id, at));
    const finish = edge?.finish ?? "seam";
    return { id: edge?.edge ?? `line ${at + 1}`, role: "own", finish, allowanceMm: 0, lines: run, seam: null };
  });
  const all = made.flatMap((edge) => edge.lines);
  // Round a piece one goes clockwise, whichever way its program drew it.
  const edges = clockwiseEdges(made);
  const { from, to } = boxOfEdges(all);
  const [middle, length] = [(from.x + to.x) / 2, to.y - from.y];
  return {
    id: piece,
    name: piece,
    count,
    onFold: edges.some(({ finish }) => finish === "fold"),
    mirrored: twice && count % 2 === 0,
    role: "shell",
    edges,
    levels: [],
    grain: { from: point(middle, from.y + 0.3 * length), to: point(middle, from.y + 0.7 * length) },
    notches: [],
    links: [],
  };
}
