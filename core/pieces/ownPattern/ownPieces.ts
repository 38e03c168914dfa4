import { clockwiseEdges, grainDown, type Piece, type PieceEdge, type StatedEdge } from "../../drafting/index.ts";
import { lineId, type OwnEdge, type OwnOutline } from "./working.ts";

/** Pieces that were read in, each with the edges that name its lines; lines nobody named are edges without a name of their own. */
export const ownPieces = (outlines: readonly OwnOutline[], edges: readonly OwnEdge[]): Piece[] =>
  outlines.flatMap((outline) => {
    const own = new Map(edges.filter(({ line }) => line.startsWith(`${outline.id}.`)).map((edge) => [edge.line, edge]));
    const [first] = own.values();
    return first ? [pieceOf(outline, own, first)] : [];
  });

/** Pieces whose edges know the one they are sewn to, where letters name just one on each side. */
export function sewn(pieces: readonly Piece[], stated: readonly StatedEdge[]): Piece[] {
  const partnerOf = (piece: string, edge: PieceEdge): PieceEdge["seam"] => {
    const own = stated.find((one) => one.piece === piece && one.edge === edge.id);
    const both = own && own.seam !== "" ? stated.filter(({ seam }) => seam === own.seam) : [];
    const other = both.find((one) => one !== own);
    const drawn = pieces.some(
      ({ id, edges }) => id === other?.piece && edges.some(({ id: one }) => one === other?.edge),
    );
    if (!own || !other || both.length !== 2 || !drawn) return null;
    return { piece: other.piece, edge: other.edge, easeMm: own.easeMm - other.easeMm };
  };
  return pieces.map((piece) => ({
    ...piece,
    edges: piece.edges.map((edge) => ({ ...edge, seam: partnerOf(piece.id, edge) })),
  }));
}

function pieceOf(
  { id, count, edges: lines }: OwnOutline,
  own: ReadonlyMap<string, OwnEdge>,
  { piece }: OwnEdge,
): Piece {
  const made = lines.map((run, at): PieceEdge => {
    const edge = own.get(lineId(id, at));
    const finish = edge?.finish ?? "seam";
    return {
      id: edge?.edge ?? `line ${at + 1}`,
      role: "own",
      finish,
      allowanceMm: edge?.allowance ?? 0,
      lines: run,
      seam: null,
    };
  });
  // Round a piece one goes clockwise, whichever way its program drew it.
  const edges = clockwiseEdges(made);
  const onFold = edges.some(({ finish }) => finish === "fold");
  const forBoth = [...own.values()].some(({ twice }) => twice) && !onFold;
  // A file that says no number says one: what stands for both sides is cut for both.
  const cut = forBoth && count === 1 ? 2 : count;
  return {
    id: piece,
    name: piece,
    ...{ count: cut, onFold, mirrored: forBoth && cut % 2 === 0 },
    role: "shell",
    edges,
    levels: [],
    grain: grainDown({ edges }),
    notches: [],
    links: [],
  };
}
