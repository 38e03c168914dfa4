import { call, edgeLength } from "../../drafting/index.ts";
import type { LikedPoint } from "./likedPoint.ts";
import { edgeIn, endsOf, halfOf, onPieces, shoulderOf } from "./piecesOf.ts";

/** How deep a neckline is: straight down from the highest place of the shoulder to its middle. */
const depthOf = (id: LikedPoint["id"], half: "front" | "back"): LikedPoint => ({
  id,
  measure(draft) {
    const piece = halfOf(draft, half);
    const [top, neck] = [shoulderOf(piece), edgeIn(piece, "neckline")];
    if (top === null || !neck) return null;
    const lowest = Math.max(...endsOf(neck).map(({ y }) => y));
    return {
      mm: lowest - top,
      formula: "L = y₂ − y₁",
      terms: [
        onPieces("y₂", "middle of the neckline, down the piece", lowest),
        onPieces("y₁", "highest place of its shoulder", top),
      ],
    };
  },
  longer(draft, byMm) {
    const neck = edgeIn(halfOf(draft, half), "neckline");
    if (!neck) return [];
    const [first, last] = endsOf(neck);
    const at = (first?.y ?? 0) >= (last?.y ?? 0) ? 0 : edgeLength(neck);
    return [call("scoop", { piece: half, edge: neck.id, at, depth: byMm })];
  },
});

/** Down to the middle of the front neckline. */
export const neckDepthFront = depthOf("neckDepthFront", "front");

/** Down to the middle of the back neckline. */
export const neckDepthBack = depthOf("neckDepthBack", "back");
