import { directionAt, type Edge, type Vector } from "../geometry/index.ts";
import { edgeWords, type Piece, type PieceEdge } from "../piece/index.ts";
import type { Check, Fault } from "./check.ts";

/** A corner at a fold may be off a right angle by this, degrees: unfolded it makes a point of twice as much. */
const SQUARE_DEG = 1;

/** A fold is one straight edge, and what meets it meets it square. */
export const foldsStraight: Check = {
  id: "foldsStraight",
  holds: "Folds are straight, and edges meet them square.",
  faults: ({ pieces }) => pieces.filter(({ onFold }) => onFold).flatMap(faultsOf),
};

function faultsOf(piece: Piece): Fault[] {
  const at = piece.edges.findIndex(({ finish }) => finish === "fold");
  const fold = piece.edges[at];
  const line = fold?.lines[0];
  if (!fold || !line)
    return [{ piece: piece.id, message: `Expected “${piece.name}” to have a fold, but no edge of it is one.` }];
  if (fold.lines.length > 1 || line.kind !== "straight")
    return [
      {
        piece: piece.id,
        edge: fold.id,
        at: line.from,
        message: `Expected the fold of “${piece.name}” to be one straight edge.`,
      },
    ];
  const along = directionAt(line, 0);
  const beside = [piece.edges.at(at - 1), piece.edges[(at + 1) % piece.edges.length]] as const;
  return [cornerAt(beside[0], 1), cornerAt(beside[1], 0)].flatMap((corner) => {
    if (!along || !corner || offSquare(along, corner.toward) <= SQUARE_DEG) return [];
    const off = offSquare(along, corner.toward);
    return [
      {
        piece: piece.id,
        edge: corner.edge.id,
        at: corner.at,
        message: `Expected ${edgeWords(corner.edge.id)} of “${piece.name}” to meet the fold square, but it is ${off.toFixed(1)}° off.`,
      },
    ];
  });
}

function cornerAt(edge: PieceEdge | undefined, end: 0 | 1) {
  const line: Edge | undefined = end === 1 ? edge?.lines.at(-1) : edge?.lines[0];
  const toward = line && directionAt(line, end);
  return edge && line && toward ? { edge, toward, at: end === 1 ? line.to : line.from } : null;
}

const offSquare = (along: Vector, other: Vector): number =>
  (Math.asin(Math.min(1, Math.abs(along.x * other.x + along.y * other.y))) * 180) / Math.PI;
