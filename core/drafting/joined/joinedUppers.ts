import type { Draft } from "../draft.ts";
import {
  angleBetween,
  directionAt,
  type Edge,
  mapped,
  moved,
  type Point,
  point,
  times,
  turned,
  type Vector,
} from "../geometry/index.ts";
import type { Piece, PieceEdge } from "../piece/index.ts";

/** One piece of a line that runs over several panels. */
export interface JoinedPart {
  readonly piece: string;
  readonly edge: string;
  readonly lines: readonly Edge[];
}

/**
 * The upper edges of panels with their seams closed: each panel turned so that its front edge lies on the back edge of the one before it,
 * at their upper ends. What is one smooth line there is one when it is sewn.
 * @returns nothing for pieces that are no panels.
 */
export function joinedUppers({ pieces }: Pick<Draft, "pieces">): JoinedPart[] {
  const parts: JoinedPart[] = [];
  let before: Ray | null = null;
  for (const piece of pieces) {
    const [front, back] = [edgeNamed(piece, "front"), edgeNamed(piece, "back")];
    if (!front || !back) return [];
    const put = before === null ? (place: Point) => place : onto(frontRay(front), before);
    for (const edge of upperEdges(piece, back))
      parts.push({ piece: piece.id, edge: edge.id, lines: edge.lines.map((line) => mapped(line, put)) });
    before = rayThrough(back, put);
  }
  return parts;
}

/** A place with the direction down a seam from it. */
interface Ray {
  readonly at: Point;
  readonly down: Vector;
}

const edgeNamed = ({ edges }: Piece, id: string): PieceEdge | undefined => edges.find((edge) => edge.id === id);

/** Edges before the one toward the back, as a panel is gone round from its upper front. */
const upperEdges = ({ edges }: Piece, back: PieceEdge): readonly PieceEdge[] => edges.slice(0, edges.indexOf(back));

/** The front edge is gone along upward. */
function frontRay({ lines }: PieceEdge): Ray {
  const last = lines.at(-1);
  return { at: last?.to ?? point(0, 0), down: times((last && directionAt(last, 1)) ?? point(0, -1), -1) };
}

function rayThrough({ lines }: PieceEdge, put: (place: Point) => Point): Ray {
  const first = lines[0];
  const [at, down] = [first?.from ?? point(0, 0), (first && directionAt(first, 0)) ?? point(0, 1)];
  const [start, end] = [put(at), put(moved(at, down))];
  return { at: start, down: { x: end.x - start.x, y: end.y - start.y } };
}

/** Turns and moves one ray onto another. */
function onto(from: Ray, to: Ray): (place: Point) => Point {
  const turn = angleBetween(from.down, to.down);
  return ({ x, y }) => moved(to.at, turned({ x: x - from.at.x, y: y - from.at.y }, turn));
}
