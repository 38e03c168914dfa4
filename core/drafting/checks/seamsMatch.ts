import type { Draft } from "../draft.ts";
import { edgeLength, edgeWords, type Piece, type PieceEdge, partnerOf, pieceWords } from "../piece/index.ts";
import { statedOf } from "../stated/index.ts";
import type { Check, Fault } from "./check.ts";
import { statedSeamFaults } from "./statedSeamFaults.ts";

/** Seams sewn together may differ by this, mm. */
const SEAM_MM = 1;

/** Edges that are sewn together are equally long, or differ by the ease that was stated. */
export const seamsMatch: Check = {
  id: "seamsMatch",
  holds: "Every seam is as long as its partner, within 1 mm of the ease stated.",
  faults: (draft) => [
    ...draft.pieces.flatMap((piece) =>
      piece.edges.flatMap((edge) => (isLettered(draft, piece, edge) ? [] : faultsOf(draft.pieces, piece, edge))),
    ),
    ...statedSeamFaults(draft, SEAM_MM),
  ],
};

/** True for an edge whose seam is named by letters: it is held against the other side there. */
const isLettered = (draft: Draft, piece: Piece, edge: PieceEdge): boolean =>
  statedOf(draft).some((one) => one.piece === piece.id && one.edge === edge.id && one.seam !== "");

function faultsOf(pieces: readonly Piece[], piece: Piece, edge: PieceEdge): Fault[] {
  if (!edge.seam) return [];
  const { seam } = edge;
  const partner = partnerOf(pieces, edge);
  const where = { piece: piece.id, edge: edge.id, ...(edge.lines[0] ? { at: edge.lines[0].from } : {}) };
  if (!partner)
    return [
      {
        ...where,
        message: `Expected ${edgeWords(edge.id)} of “${piece.name}” to meet ${edgeWords(seam.edge)} of ${pieceWords(pieces, seam.piece)}, but there is none.`,
      },
    ];
  const [mine, theirs] = [edgeLength(edge), edgeLength(partner.edge)];
  if (Math.abs(mine - theirs - seam.easeMm) <= SEAM_MM) return [];
  return [
    {
      ...where,
      message: `Expected ${edgeWords(edge.id)} of “${piece.name}” (${mine.toFixed(1)} mm) to be as long as ${edgeWords(seam.edge)} of ${pieceWords(pieces, seam.piece)} (${theirs.toFixed(1)} mm)${seam.easeMm === 0 ? "" : ` with ${seam.easeMm.toFixed(1)} mm of ease`}, within ${SEAM_MM} mm.`,
    },
  ];
}
