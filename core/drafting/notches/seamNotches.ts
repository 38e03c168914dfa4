import type { Draft } from "../draft.ts";
import { type EdgeOfPiece, edgeLength, type Notch, type Piece, partnerOf } from "../piece/index.ts";
import { meetingNotches } from "./meetingNotches.ts";
import { along, type NotchAt } from "./notchAt.ts";

/** A seam longer than this is matched on its way, not at its ends alone, mm. */
const LONG_SEAM_MM = 80;

/** Between the two marks that tell a back from a front, mm. */
const PAIR_MM = 6;

/**
 * A draft whose long seams carry notches: one in the middle of both sides where nobody set any, which is right whichever way
 * round they were drawn; a gusset is marked at any length, once at the front and twice at the back, so that it is not turned
 * end for end. Cups are marked where their seams meet the band, the band's seams on the cups. Set anew by every call: a
 * notch of a seam follows the seam.
 */
export function withSeamNotches(draft: Draft): Draft {
  const bare = draft.pieces.map(
    (piece): Piece =>
      piece.notches.some(({ by }) => by) ? { ...piece, notches: piece.notches.filter(({ by }) => !by) } : piece,
  );
  const added = new Map<string, Notch[]>();
  const meetings = (draft.meetings ?? []).flatMap((meeting) => meetingNotches(bare, meeting));
  for (const { piece, edge, mm } of [...seamsOf(bare).flatMap(ofSeam), ...meetings]) {
    const there = added.get(piece) ?? [];
    // An edge is marked once, however many name it: the one it is sewn to, and a lining that lies on that.
    if (!there.some((one) => one.edge === edge && one.mm === mm))
      added.set(piece, [...there, { edge, mm, by: "seam" }]);
  }
  return {
    ...draft,
    pieces: bare.map((piece) => {
      const own = added.get(piece.id);
      return own ? { ...piece, notches: [...piece.notches, ...own] } : piece;
    }),
  };
}

/** Both sides of a seam. */
type Seam = readonly [EdgeOfPiece, EdgeOfPiece];

/** Every seam, from each of its sides that names the other. */
const seamsOf = (pieces: readonly Piece[]): Seam[] =>
  pieces.flatMap((piece) =>
    piece.edges.flatMap((edge): Seam[] => {
      const other = partnerOf(pieces, edge);
      return other ? [[{ piece, edge }, other]] : [];
    }),
  );

function ofSeam(seam: Seam): NotchAt[] {
  if (seam.some(({ piece, edge }) => piece.notches.some((notch) => notch.edge === edge.id))) return [];
  if (seam.every(({ edge }) => edge.role === "gusset")) {
    const back = seam.some(({ piece }) => (piece.half?.of ?? piece.id).startsWith("back"));
    return seam.flatMap(({ piece, edge }) => {
      const middle = edgeLength(edge) / 2;
      return (back ? [middle - PAIR_MM / 2, middle + PAIR_MM / 2] : [middle]).flatMap((mm) => along(piece, edge, mm));
    });
  }
  if (seam.every(({ edge }) => edgeLength(edge) <= LONG_SEAM_MM)) return [];
  return seam.flatMap(({ piece, edge }) => along(piece, edge, edgeLength(edge) / 2));
}
