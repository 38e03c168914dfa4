import { call, type Draft, edgeLength } from "../../drafting/index.ts";
import type { LikedPoint } from "./likedPoint.ts";
import { edgeIn, halfOf, onPieces } from "./piecesOf.ts";

const HALVES = ["front", "back"] as const;

const armholes = (draft: Draft) =>
  HALVES.flatMap((half) => {
    const edge = edgeIn(halfOf(draft, half), "armhole");
    return edge ? [{ half, edge, mm: edgeLength(edge) }] : [];
  });

/** One armhole along its edge, front and back. */
export const armhole: LikedPoint = {
  id: "armhole",
  measure(draft) {
    const [front, back] = armholes(draft);
    if (!front || !back) return null;
    return {
      mm: front.mm + back.mm,
      formula: "L = f + b",
      terms: [onPieces("f", "armhole of the front", front.mm), onPieces("b", "armhole of the back", back.mm)],
    };
  },
  // Hollowed out most where it is deepest, by the same at front and back.
  longer: (draft, byMm) =>
    armholes(draft).map(({ half, edge, mm }) =>
      call("scoop", { piece: half, edge: edge.id, at: mm / 2, depth: byMm / 2 }),
    ),
};
