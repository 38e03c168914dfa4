import { fail } from "../../../../core/result.ts";
import { DRAWN_KINDS, readByMark, readerOf } from "../../../../formats/drafts/readDrawn.ts";
import type { TracedPieces } from "../../../../formats/drafts/traced.ts";
import { type Task, textOf } from "../task.ts";

/** A file of drawn pieces: its name says its kind; its scale is told, or measured by a mark that was drawn in it. */
interface DrawnFile {
  readonly name: string;
  readonly bytes: Uint8Array;
  readonly scale: { readonly unitMm: number } | "mark";
}

/** Pieces of an SVG or a DXF. @returns what its reader says; `file-kind` for a file of another kind. */
export const readDrawn: Task<DrawnFile, TracedPieces> = ({ name, bytes, scale }) => {
  const reader = readerOf(name);
  if (!reader)
    return fail(
      "file-kind",
      `Expected a file that ends in ${DRAWN_KINDS.join(" or ")}, but got “${name.slice(0, 80)}”.`,
    );
  const text = textOf(bytes);
  return scale === "mark" ? readByMark(name, text) : reader(text, scale.unitMm);
};
