import type { Meeting, Run } from "../draft.ts";
import { type EdgeOfPiece, edgeLength, type Piece, type PieceEdge, partnerOf } from "../piece/index.ts";
import { along, type NotchAt } from "./notchAt.ts";

/** An edge of a run with the piece it is of, and how far along the run it begins and ends, as parts of the whole. */
interface Laid extends EdgeOfPiece {
  readonly from: number;
  readonly to: number;
}

/**
 * The notches of two runs of edges that are sewn along each other: where a seam ends in one, the other is marked. Pieces are
 * gone round the same way, so that the one run ends where the other begins. None where a run cannot be followed from piece
 * to piece over its seams, or somebody marked it already.
 */
export function meetingNotches(pieces: readonly Piece[], { first, second }: Meeting): NotchAt[] {
  const [one, other] = [laid(pieces, first), laid(pieces, second)];
  if (!one || !other) return [];
  const marked = [...one, ...other].some(({ piece, edge }) => piece.notches.some((notch) => notch.edge === edge.id));
  return marked ? [] : [...marksOn(one, other), ...marksOn(other, one)];
}

const marksOn = (run: readonly Laid[], against: readonly Laid[]): NotchAt[] =>
  against.slice(0, -1).flatMap(({ to }) => {
    const at = 1 - to;
    const under = run.find((part) => at >= part.from && at <= part.to);
    if (!under) return [];
    const { piece, edge, from } = under;
    return along(piece, edge, ((at - from) / (under.to - from)) * edgeLength(edge));
  });

/** The edges of a run in the order in which they follow one another; null where they do not. */
function laid(pieces: readonly Piece[], run: Run): Laid[] | null {
  const parts = run.parts.flatMap(({ piece: id, edge: name }) => {
    const piece = pieces.find((one) => one.id === id);
    const edge = piece?.edges.find((one) => one.id === name);
    return piece && edge ? [{ piece, edge, next: followed(pieces, piece, edge) }] : [];
  });
  const led = new Set(parts.map(({ next }) => next));
  const starts = parts.filter(({ piece, edge }) => !led.has(`${piece.id} ${edge.id}`));
  const order = [...starts];
  for (let last = order[0]; last; ) {
    const { next }: { next: string | null } = last;
    last = parts.find(({ piece, edge }) => `${piece.id} ${edge.id}` === next);
    if (last) order.push(last);
  }
  if (starts.length !== 1 || order.length !== run.parts.length) return null;
  const whole = order.reduce((sum, { edge }) => sum + edgeLength(edge), 0);
  let gone = 0;
  return order.map(({ piece, edge }) => {
    const from = gone / whole;
    gone += edgeLength(edge);
    return { piece, edge, from, to: gone / whole };
  });
}

/** The edge that goes on past the end of another, over the seam that begins there: `piece edge`; null where none does. */
function followed(pieces: readonly Piece[], { edges }: Piece, edge: PieceEdge): string | null {
  const seam = after(edges, edge);
  const over = seam && partnerOf(pieces, seam);
  const on = over && after(over.piece.edges, over.edge);
  return on ? `${over.piece.id} ${on.id}` : null;
}

const after = (edges: readonly PieceEdge[], edge: PieceEdge): PieceEdge | undefined =>
  edges[(edges.indexOf(edge) + 1) % edges.length];
