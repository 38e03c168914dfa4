import { lengthOfEdges, partAlong } from "../geometry/index.ts";
import { edgeOf, movedPoints, type Piece } from "../piece/index.ts";
import { type Warp, warpedEdges } from "./warp.ts";

/** A piece with every place moved: edges, levels, grain; a notch stays at its place on its edge. */
export function warpedPiece(piece: Piece, warp: Warp): Piece {
  return {
    ...piece,
    edges: piece.edges.map((edge) => ({ ...edge, lines: warpedEdges(edge.lines, warp) })),
    levels: piece.levels.map(({ level, from, to }) => ({ level, from: warp(from), to: warp(to) })),
    grain: { from: warp(piece.grain.from), to: warp(piece.grain.to) },
    notches: piece.notches.map(({ edge, mm, ...of }) => ({
      ...of,
      edge,
      mm: lengthOfEdges(warpedEdges(partAlong(edgeOf(piece, edge).lines, 0, mm), warp)),
    })),
    ...movedPoints(piece, warp),
  };
}
