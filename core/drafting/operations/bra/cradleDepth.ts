import { Type } from "typebox";
import { lengthOfEdges, shifted, type Vector } from "../../geometry/index.ts";
import type { Piece } from "../../piece/index.ts";
import { operation } from "../operation.ts";
import { amount } from "../params.ts";
import { edgeIn, onBand, redrawn } from "./braPieces.ts";
import { displaced, fading } from "./displaced.ts";

/** `cradleDepth`: the band below the cups made deeper, or less deep. */
export const cradleDepth = operation({
  id: "cradleDepth",
  name: "Deepen the cradle",
  about:
    "Lowers the band's edge below the cups (below 0 raises it), bridge and cradle alike; at the wing by as much, or to nothing at its back end.",
  params: Type.Object({ amount: amount(), wing: Type.Enum(["whole", "toNothing"]) }, { additionalProperties: false }),
  apply(draft, { amount: amountMm, wing }) {
    const down: Vector = { x: 0, y: amountMm };
    return onBand(draft, (piece) => lowered(piece, down, wing));
  },
});

function lowered(piece: Piece, down: Vector, wing: "whole" | "toNothing"): Piece {
  const bottom = edgeIn(piece, "hem");
  if (!bottom) return piece;
  const { lines } = bottom.edge;
  const fades = wing === "toNothing" && !edgeIn(piece, "wire");
  const whole = lengthOfEdges(lines);
  const fromSide = (mm: number) => (piece.onFold ? mm : whole - mm);
  const moved = fades
    ? displaced(lines, (mm) => ({ x: 0, y: down.y * fading(fromSide(mm) / whole) }), { fromMm: 0, toMm: whole })
    : lines.map((line) => shifted(line, down));
  return {
    ...redrawn(piece, new Map([[bottom.at, moved]])),
    // The girth is counted along the lower edge.
    levels: piece.levels.map((line) => ({
      ...line,
      from: { x: line.from.x, y: line.from.y + down.y },
      to: { x: line.to.x, y: line.to.y + down.y },
    })),
  };
}
