import type { Draft } from "../../draft.ts";
import type { Piece } from "../../piece/index.ts";

/** Panels of the shell alone: what carries girth and bones. A lining hangs free of both. */
export const shellOf = (draft: Draft): Draft => ({
  ...draft,
  pieces: draft.pieces.filter(({ role }) => role === "shell"),
});

/** A lining in panels as the shell's, each of which follows the panel it is taken from. */
export function liningOf(panels: readonly Piece[]): Piece[] {
  const named = new Map(panels.map(({ id }, at) => [id, `lining${at + 1}`]));
  return panels.map((panel) => ({
    ...panel,
    id: named.get(panel.id) ?? panel.id,
    name: `Lining of ${panel.name.toLowerCase()}`,
    role: "lining",
    takenFrom: { kind: "whole", piece: panel.id },
    levels: [],
    notches: [],
    links: [],
    // Its seams are sewn to its own neighbours, and take no change of girth themselves.
    edges: panel.edges.map((edge) => ({
      ...edge,
      role: "own",
      seam: edge.seam && { ...edge.seam, piece: named.get(edge.seam.piece) ?? edge.seam.piece },
    })),
  }));
}
