import { Type } from "typebox";
import { fail, ok } from "../../result.ts";
import type { Piece } from "../piece/index.ts";
import { operation } from "./operation.ts";
import { name } from "./params.ts";
import { pieceNamed } from "./pieces.ts";

/** `copy`: a piece cut again from another cloth; from then on both take every change. */
export const copyPiece = operation({
  id: "copy",
  name: "Copy to a linked piece",
  about:
    "Makes a piece of another cloth like one that is there (lining, net, overlay, facing) and links the two: each takes the other's changes.",
  params: Type.Object(
    {
      piece: name(),
      as: name(),
      name: name(),
      role: Type.Enum(["shell", "lining", "net", "overlay", "facing", "casing"]),
    },
    { additionalProperties: false },
  ),
  apply(draft, { piece: id, as, name: called, role }) {
    const found = pieceNamed(draft, id);
    if (!found.ok) return found;
    const from = found.value;
    if (found.value.half)
      return fail(
        "parted",
        `Expected a piece that is alike on both sides, but ${id} is parted: copy it before left and right are told apart.`,
      );
    if (draft.pieces.some((piece) => piece.id === as))
      return fail("name-taken", `Expected a name no piece has yet, but ${as} is one of them.`);
    const family = [id, ...from.links];
    const copy: Piece = { ...from, id: as, name: called, role, links: family };
    return ok({
      ...draft,
      pieces: [
        ...draft.pieces.map((piece) => (family.includes(piece.id) ? { ...piece, links: [...piece.links, as] } : piece)),
        copy,
      ],
    });
  },
});
