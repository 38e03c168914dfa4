import { Type } from "typebox";
import { fail, ok, type Result } from "../../result.ts";
import type { Draft } from "../draft.ts";
import { edgeLength, type Piece, partnerOf } from "../piece/index.ts";
import { operation } from "./operation.ts";
import { along, name } from "./params.ts";
import { onEitherSide, pieceNamed } from "./pieces.ts";
import { edgeAt } from "./withEdge.ts";

/** `notchPair`: a notch on a seam and its fellow on the edge it is sewn to. */
export const notchPair = operation({
  id: "notchPair",
  name: "Notch a seam",
  about:
    "Cuts a notch across an edge and the one that meets it across the edge it is sewn to, counted there from its start or from its end, with the ease stated spread along it.",
  params: Type.Object(
    { piece: name(), edge: name(), at: along(), from: Type.Enum(["start", "end"]) },
    { additionalProperties: false },
  ),
  apply: (draft, pair) => onEitherSide(draft, pair.piece, (view) => notchedBoth(view, pair)),
});

interface NotchedPair {
  readonly piece: string;
  readonly edge: string;
  readonly at: number;
  readonly from: "start" | "end";
}

function notchedBoth(draft: Draft, { piece: id, edge: which, at, from }: NotchedPair): Result<Draft> {
  const piece = pieceNamed(draft, id);
  if (!piece.ok) return piece;
  const edge = edgeAt(piece.value, which);
  if (!edge.ok) return edge;
  const { seam } = edge.value;
  const partner = partnerOf(draft.pieces, edge.value);
  if (!seam || !partner)
    return fail("no-seam", `Expected an edge that is sewn to another, but ${which} of ${id} is not.`);
  const [mine, theirs] = [edgeLength(edge.value), edgeLength(partner.edge)];
  if (at > mine)
    return fail(
      "marks-outside",
      `Expected a place on ${which} of ${id}, 0 to ${mine.toFixed(0)} mm along it, but got ${at.toFixed(0)} mm.`,
    );
  const there = (at / mine) * theirs;
  return ok(notched(notched(draft, id, which, at), seam.piece, seam.edge, from === "start" ? there : theirs - there));
}

const notched = (draft: Draft, id: string, edge: string, mm: number): Draft => ({
  ...draft,
  pieces: draft.pieces.map(
    (piece): Piece => (piece.id === id ? { ...piece, notches: [...piece.notches, { edge, mm }] } : piece),
  ),
});
