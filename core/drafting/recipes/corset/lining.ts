import type { Draft } from "../../draft.ts";
import type { Piece } from "../../piece/index.ts";
import { piecesAgain } from "../lined.ts";

/** Panels of the shell alone: what carries girth and bones. A lining hangs free of both. */
export const shellOf = (draft: Draft): Draft => ({
  ...draft,
  pieces: draft.pieces.filter(({ role }) => role === "shell"),
});

/** A lining in panels as the shell's, each of which follows the panel it is taken from. */
export const liningOf = (panels: readonly Piece[]): Piece[] =>
  piecesAgain(panels, "lining", ({ name }, at) => ({
    id: `lining${at + 1}`,
    name: `Lining of ${name.toLowerCase()}`,
  }));
