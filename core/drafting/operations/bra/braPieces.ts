import { fail, ok, type Result } from "../../../result.ts";
import type { Draft } from "../../draft.ts";
import { type Edge, type Point, way } from "../../geometry/index.ts";
import type { EdgeRole, Piece, PieceEdge } from "../../piece/index.ts";
import { withEnd } from "../withEdge.ts";

/** True for a piece of the band, whose girth is planned; cups, slings and strips are none. */
export const isOfBand = ({ round }: Pick<Draft, "round">, { id, half }: Piece): boolean =>
  round.includes(half?.of ?? id);

/** The pieces of a bra's band changed, all others left. @returns the draft, or `no-band` where no channel runs along a band. */
export function onBand(draft: Draft, change: (piece: Piece) => Piece): Result<Draft> {
  if (!hasChannel(draft)) return noBand;
  return ok({ ...draft, pieces: draft.pieces.map((piece) => (isOfBand(draft, piece) ? change(piece) : piece)) });
}

/** What is said of pieces that are no bra's. */
export const noBand = fail(
  "no-band",
  "Expected a band with a channel along its cups, but none of these pieces has one.",
);

/** True where a band and cups meet along a channel. */
export const hasChannel = (draft: Draft): boolean =>
  draft.pieces.some((piece) => isOfBand(draft, piece) && piece.edges.some(({ role }) => role === "wire"));

/** An edge of a role, with its place among the edges; null where the piece has none. */
export function edgeIn({ edges }: Piece, role: EdgeRole): { readonly edge: PieceEdge; readonly at: number } | null {
  const at = edges.findIndex((one) => one.role === role);
  const edge = edges[at];
  return edge ? { edge, at } : null;
}

/** A piece with some of its edges drawn anew, by their place among them; neighbours of one that moved begin and end where it does. */
export function redrawn(piece: Piece, drawn: ReadonlyMap<number, readonly Edge[]>): Piece {
  const count = piece.edges.length;
  const linesAt = (at: number) => drawn.get((at + count) % count);
  const edges = piece.edges.map((edge, at): PieceEdge => {
    const own = linesAt(at);
    if (own) return { ...edge, lines: own };
    const [start, end] = [linesAt(at - 1)?.at(-1)?.to, linesAt(at + 1)?.[0]?.from];
    return start || end ? { ...edge, lines: ended(edge.lines, start, end) } : edge;
  });
  return { ...piece, edges };
}

/** Lines that begin and end elsewhere; handles go with their ends. */
function ended(lines: readonly Edge[], start: Point | undefined, end: Point | undefined): readonly Edge[] {
  const [first, last] = [lines[0], lines.at(-1)];
  const begun = first && start ? withEnd(lines, "start", { by: way(first.from, start), turn: 0 }) : lines;
  return last && end ? withEnd(begun, "end", { by: way(last.to, end), turn: 0 }) : begun;
}
