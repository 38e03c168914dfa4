import { Type } from "typebox";
import { fail, ok, type Result } from "../../../result.ts";
import type { Draft } from "../../draft.ts";
import { type Edge, lengthOfEdges } from "../../geometry/index.ts";
import { edgeOf, type Piece } from "../../piece/index.ts";
import { letOutAlong } from "../letOut.ts";
import { operation } from "../operation.ts";
import { amount, name } from "../params.ts";
import { pieceNamed } from "../pieces.ts";
import { edgeAt, withEdge } from "../withEdge.ts";

/** `cupSeam`: volume given to a cup at one of its seams, or taken. */
export const cupSeam = operation({
  id: "cupSeam",
  name: "Cup seam up or down",
  about:
    "Gives volume at a seam of a cup (below 0 takes it): half from each of its two pieces, or all at an edge that is no seam; fullest at a part of the way along it, to nothing at both ends.",
  params: Type.Object(
    { piece: name(), edge: name(), amount: amount(), at: Type.Number({ minimum: 0.05, maximum: 0.95 }) },
    { additionalProperties: false },
  ),
  apply: (draft, { piece: id, edge: edgeId, amount: amountMm, at }) =>
    onBothSides(draft, id, edgeId, (share, part) => (lines) => {
      const whole = lengthOfEdges(lines);
      const full = whole * part(at);
      return letOutAlong(lines, {
        ...{ amountMm: amountMm * share, fullFromMm: full, fullToMm: full },
        ...{ beforeMm: full, afterMm: whole - full },
      });
    }),
});

/** How the lines of an edge are drawn, from its share of a change and how far along it a part of the first edge's way lies. */
type SeamChange = (share: number, part: (at: number) => number) => (lines: readonly Edge[]) => Result<Edge[]>;

/** An edge of a piece and the one it is sewn to, both changed. @returns the draft, `unknown-piece`, `unknown-edge`, or what the change says. */
export function onBothSides(draft: Draft, id: string, edgeId: string, change: SeamChange): Result<Draft> {
  const piece = pieceNamed(draft, id);
  if (!piece.ok) return piece;
  const edge = edgeAt(piece.value, edgeId);
  if (!edge.ok) return edge;
  const { seam } = edge.value;
  const own = withEdge(
    piece.value,
    edgeId,
    change(seam ? 0.5 : 1, (at) => at),
  );
  if (!own.ok) return own;
  if (!seam) return ok(withPieces(draft, [own.value]));
  const partner = pieceNamed(draft, seam.piece);
  if (!partner.ok)
    return fail(partner.problem.code, `${edgeId} of ${id} has lost its partner: ${partner.problem.message}`);
  const alike = runsAlike(piece.value, edgeId, partner.value, seam.edge);
  const other = withEdge(
    partner.value,
    seam.edge,
    change(0.5, (at) => (alike ? at : 1 - at)),
  );
  return other.ok ? ok(withPieces(draft, [own.value, other.value])) : other;
}

const withPieces = (draft: Draft, changed: readonly Piece[]): Draft => ({
  ...draft,
  pieces: draft.pieces.map((piece) => changed.find(({ id }) => id === piece.id) ?? piece),
});

/** True where both edges of a seam are drawn from the same of its ends: both run outward, or down. */
function runsAlike(piece: Piece, edge: string, partner: Piece, other: string): boolean {
  const [a, b] = [edgeOf(piece, edge).lines, edgeOf(partner, other).lines].map((lines) => {
    const [from, to] = [lines[0]?.from, lines.at(-1)?.to];
    return { x: (to?.x ?? 0) - (from?.x ?? 0), y: (to?.y ?? 0) - (from?.y ?? 0) };
  });
  return a !== undefined && b !== undefined && a.x * b.x + a.y * b.y > 0;
}
