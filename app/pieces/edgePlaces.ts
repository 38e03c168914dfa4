import {
  edgeLength,
  moved,
  type Piece,
  type PieceEdge,
  type Point,
  square,
  standingAlong,
} from "../../core/drafting/index.ts";

/** An edge of a piece of a draft. */
export interface EdgeId {
  readonly piece: string;
  readonly edge: string;
}

/** True where both name one edge. */
export const sameEdge = (a: EdgeId | null, b: EdgeId): boolean => a?.piece === b.piece && a.edge === b.edge;

/** Where the number of an edge stands: beside its middle, so far inside the piece; null for an edge of no length. */
export function numberPlace(edge: PieceEdge, insideMm: number): Point | null {
  const standing = standingAlong(edge.lines, edgeLength(edge) / 2);
  // Pieces run clockwise with y down: to the right of the way is inside.
  return standing && moved(standing.at, square(standing.along), insideMm);
}

/** True for an edge too short to stand a number beside it. */
export const isShort = (edge: PieceEdge, textMm: number): boolean => edgeLength(edge) < textMm;

/** The edges of a piece with their numbers, from 1, as the board and the list call them. */
export const numbered = ({ edges }: Piece): readonly (readonly [number: number, edge: PieceEdge])[] =>
  edges.map((edge, at) => [at + 1, edge] as const);
