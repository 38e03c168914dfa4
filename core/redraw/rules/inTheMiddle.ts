import { call, edgeLength, type Piece, type PieceEdge } from "../../drafting/index.ts";
import type { Cut } from "../landing.ts";
import type { DrawnBy } from "./rule.ts";

/** Where such a change lies on a leg, in words. */
export const MIDDLE_OF_LEG = "leg edge, in its middle, to nothing at side seam and crotch";

/** An edge moved outward by an amount in its middle, to nothing at both ends; below 0 inward. mm */
export function inTheMiddle(piece: Piece, edge: PieceEdge, byMm: number, cut: Cut): DrawnBy {
  const half = edgeLength(edge) / 2;
  return {
    calls: [
      call("letOut", {
        ...{ piece: piece.id, edge: edge.id, amount: byMm, fullFrom: half, fullTo: half },
        ...{ blendBefore: half, blendAfter: half },
      }),
    ],
    lands: [{ piece: piece.id, measure: "off", of: edge.id, atPart: 0.5, byMm, cut }],
  };
}
