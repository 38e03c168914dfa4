import type { Piece } from "../../piece/index.ts";
import { takenPiece } from "../../taken/index.ts";
import { sewnInto } from "../drawn.ts";

/** The facing of a slip's back: taken from its upper edges, cut on the same bias. @returns null where the back has no room for it. */
export const backFacing = (back: Piece, depthMm: number, allowanceMm: number): Piece | null =>
  takenPiece(back, {
    ...{ id: "backFacing", name: "Back facing", role: "facing" },
    takenFrom: { kind: "facing", piece: "back", depthMm },
    edges: [
      { id: "neckline", role: "neckline", ...sewnInto(allowanceMm) },
      { id: "strap", role: "strap", ...sewnInto(allowanceMm) },
      { id: "armhole", role: "armhole", ...sewnInto(allowanceMm) },
      { id: "lower", role: "hem", finish: "raw", allowanceMm: 0, seam: null },
      { id: "centre", role: "centreBack", finish: "fold", allowanceMm: 0, seam: null },
    ],
  });
