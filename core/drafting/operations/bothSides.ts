import { fail, type Result } from "../../result.ts";
import type { Draft } from "../draft.ts";
import type { Edge } from "../geometry/index.ts";
import { edgeOf, type Piece } from "../piece/index.ts";
import { changedAlike, onEitherSide, pieceNamed } from "./pieces.ts";
import { edgeAt, withEdge } from "./withEdge.ts";

/** One of the edges of a seam that is changed. */
export interface SeamEdge {
  /** The edge that was named, the one it is sewn to, or one that is sewn to none. */
  readonly is: "named" | "partner" | "alone";
  /** Where on it a part of the way along the named edge lies, as a part of its own way. */
  readonly part: (at: number) => number;
}

/** How the lines of an edge of a seam are drawn anew. */
type SeamChange = (edge: SeamEdge) => (lines: readonly Edge[]) => Result<Edge[]>;

/**
 * An edge of a piece and the one it is sewn to, both changed with the pieces linked to theirs, on either side where those are told apart.
 * @returns the draft; `unknown-piece`, `unknown-edge`; or what the change says.
 */
export const onBothEdges = (draft: Draft, id: string, edge: string, change: SeamChange): Result<Draft> =>
  onEitherSide(draft, id, (view) => changedBoth(view, id, edge, change));

function changedBoth(draft: Draft, id: string, edgeId: string, change: SeamChange): Result<Draft> {
  const piece = pieceNamed(draft, id);
  if (!piece.ok) return piece;
  const edge = edgeAt(piece.value, edgeId);
  if (!edge.ok) return edge;
  const { seam } = edge.value;
  const own = change({ is: seam ? "named" : "alone", part: (at) => at });
  const changed = changedAlike(draft, id, (one) => withEdge(one, edgeId, own));
  if (!changed.ok || !seam) return changed;
  const partner = pieceNamed(draft, seam.piece);
  if (!partner.ok)
    return fail(partner.problem.code, `${edgeId} of ${id} has lost its partner: ${partner.problem.message}`);
  const alike = runsAlike(piece.value, edgeId, partner.value, seam.edge);
  const other = change({ is: "partner", part: (at) => (alike ? at : 1 - at) });
  return changedAlike(changed.value, seam.piece, (one) => withEdge(one, seam.edge, other));
}

/** True where both edges of a seam are drawn from the same of its ends: both run outward, or down. */
function runsAlike(piece: Piece, edge: string, partner: Piece, other: string): boolean {
  const [a, b] = [edgeOf(piece, edge).lines, edgeOf(partner, other).lines].map((lines) => {
    const [from, to] = [lines[0]?.from, lines.at(-1)?.to];
    return { x: (to?.x ?? 0) - (from?.x ?? 0), y: (to?.y ?? 0) - (from?.y ?? 0) };
  });
  return a !== undefined && b !== undefined && a.x * b.x + a.y * b.y > 0;
}
