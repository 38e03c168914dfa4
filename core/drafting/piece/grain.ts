import { point } from "../geometry/index.ts";
import { boxOfEdges } from "./box.ts";
import { outlineOf, type Piece } from "./piece.ts";

/** Length of the arrow that shows the grain, as a part of the piece's height. */
const GRAIN_PART = 0.4;

/** A grain line down the middle of what lies between two heights. */
export const grainAt = (x: number, from: number, to: number) => {
  const [middle, half] = [(from + to) / 2, ((to - from) * GRAIN_PART) / 2];
  return { from: point(x, middle - half), to: point(x, middle + half) };
};

/** The grain of a piece that stands as it is worn: down the middle of it. */
export function grainDown(piece: Pick<Piece, "edges">): Piece["grain"] {
  const { from, to } = boxOfEdges(outlineOf(piece));
  return grainAt((from.x + to.x) / 2, from.y, to.y);
}
