import type { Piece, PieceEdge } from "../piece/index.ts";
import { takenPiece } from "../taken/index.ts";
import { sewnInto } from "./drawn.ts";
import type { Given } from "./facts.ts";
import { choiceOption } from "./options.ts";

/** What is lined: a lining is a piece of its own, cut as the one it lies in. */
export const LINING = choiceOption(
  "lining",
  "Lining",
  [
    ["none", "none"],
    ["front", "the front"],
    ["whole", "all of it"],
    ["reversible", "none, worn both ways round"],
  ],
  "Cut as the pieces it lies in, and changed with them; worn both ways round it is cut from the shell again.",
);

/** Whether a lined front keeps a pocket for cups. */
export const CUP_POCKET = choiceOption(
  "cup_pocket",
  "Pocket for cups",
  [
    ["kept", "kept where it is lined"],
    ["none", "none"],
  ],
  "Inside the lined front, all of it above the underbust line, open at the side; drawn where an underbust is planned.",
);

/** How a piece that lies in another is called there. */
interface Named {
  readonly id: string;
  readonly name: string;
}

/** Pieces again, each of which follows the one it is taken from, sewn to one another as those are. */
export function piecesAgain(
  pieces: readonly Piece[],
  role: Piece["role"],
  called: (piece: Piece, at: number) => Named,
): Piece[] {
  const named = new Map(pieces.map((piece, at) => [piece.id, called(piece, at)]));
  const seamOf = ({ seam }: PieceEdge) => {
    const to = seam && named.get(seam.piece);
    return to ? { ...seam, piece: to.id } : null;
  };
  return pieces.map((piece) => ({
    ...piece,
    ...(named.get(piece.id) ?? {}),
    ...{ role, levels: [], notches: [], links: [] },
    takenFrom: { kind: "whole", piece: piece.id },
    // Its seams are sewn to its own neighbours, and take no change of girth themselves; what it has none for is caught with the shell's.
    edges: piece.edges.map((edge) => ({ ...edge, role: "own", seam: seamOf(edge) })),
  }));
}

/** What lies in the pieces of a garment as it was chosen: of its front, or of all of it. */
export function linedBy(
  given: Given,
  { front, back }: { readonly front: readonly Piece[]; readonly back: readonly Piece[] },
): Piece[] {
  const chosen = given.choice("lining");
  if (chosen === "none") return [];
  const other = chosen === "reversible";
  return piecesAgain(chosen === "front" ? front : [...front, ...back], other ? "shell" : "lining", ({ id, name }) =>
    other ? { id: `${id}Other`, name: `${name}, other side` } : { id: `${id}Lining`, name: `${name} lining` },
  );
}

/** The pocket of a lined front: all of it above the underbust line. @returns it; none where none is wanted, or no underbust lies on the front. */
export function cupPocket(given: Given, front: Piece, seamMm: number): Piece[] {
  if (given.choice("cup_pocket") !== "kept" || !["front", "whole"].includes(given.choice("lining"))) return [];
  const upper = front.edges.slice(0, front.edges.findIndex(({ role }) => role === "side") + 1);
  const pocket = takenPiece(front, {
    ...{ id: "cupPocket", name: "Pocket for cups", role: "lining" },
    takenFrom: { kind: "above", piece: front.id, level: "underbust" },
    edges: [
      ...upper.map(({ id }) => ({ id, role: "own" as const, ...sewnInto(seamMm) })),
      { id: "lower", role: "own", ...sewnInto(seamMm) },
      { id: "centre", role: "centreFront", finish: "fold", allowanceMm: 0, seam: null },
    ],
  });
  return pocket ? [pocket] : [];
}
