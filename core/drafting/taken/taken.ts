import type { Draft } from "../draft.ts";
import type { ClothRole, Piece, PieceEdge, TakenFrom } from "../piece/index.ts";
import { upperPart } from "./above.ts";
import { bandEdges } from "./band.ts";
import { facingEdges } from "./facing.ts";
import type { TakenRule } from "./rule.ts";
import { wholeAgain } from "./whole.ts";

/** How a piece is taken from another, by kind; null where the other has no room for it. Adding a kind is adding a file and a line here. */
const TAKEN: { readonly [Kind in TakenFrom["kind"]]: TakenRule<Extract<TakenFrom, { kind: Kind }>> } = {
  facing: facingEdges,
  band: bandEdges,
  above: upperPart,
  whole: wholeAgain,
};

/** What a piece that is taken from another brings of its own: its name, its cloth, and what becomes of each edge. */
export interface TakenMade {
  readonly id: string;
  readonly name: string;
  readonly role: ClothRole;
  readonly takenFrom: TakenFrom;
  readonly edges: readonly Omit<PieceEdge, "lines">[];
}

/** A piece taken from a half on the fold. @returns null where that has no room for it. */
export function takenPiece(from: Piece, { edges, ...own }: TakenMade): Piece | null {
  const undrawn: Piece = {
    ...own,
    ...{ count: 1, onFold: true, mirrored: false, levels: [], grain: from.grain, notches: [], links: [] },
    edges: edges.map((edge) => ({ ...edge, lines: [] })),
  };
  const piece = takenAnew(undrawn, [from]);
  return piece === undrawn ? null : piece;
}

/** A draft whose taken pieces are taken anew: what was changed on the pieces they come from is changed on them. */
export function retaken(draft: Draft): Draft {
  if (draft.pieces.every(({ takenFrom }) => takenFrom === undefined)) return draft;
  return { ...draft, pieces: draft.pieces.map((piece) => takenAnew(piece, draft.pieces)) };
}

/** A piece as it is taken from another of these; one that is taken from none, or has no room there, stays what it is. */
function takenAnew(piece: Piece, pieces: readonly Piece[]): Piece {
  const { takenFrom } = piece;
  const from = pieces.find(({ id }) => id === takenFrom?.piece);
  if (!takenFrom || !from) return piece;
  const rule = TAKEN[takenFrom.kind] as TakenRule<TakenFrom>;
  const drawn = rule(piece, from, takenFrom);
  return drawn ? { ...piece, ...drawn } : piece;
}
