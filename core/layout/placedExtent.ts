import type { Point } from "../drafting/index.ts";
import { type Placed, placedOutline } from "./cutShape.ts";

/** What a piece takes of the table, from its start and its first edge, mm, and how it lies there, in words. */
export function placedExtent(placed: Placed): { readonly from: Point; readonly to: Point; readonly how: string } {
  const places = placedOutline(placed);
  const [xs, ys] = [places.map(({ x }) => x), places.map(({ y }) => y)];
  return {
    from: { x: Math.min(...xs), y: Math.min(...ys) },
    to: { x: Math.max(...xs), y: Math.max(...ys) },
    how: howWords(placed),
  };
}

function howWords({ shape, over, turned }: Placed): string {
  const { bound, gives, eitherWay } = shape;
  const words = [
    ...(bound === "fold" ? ["on the fold"] : []),
    ...(bound === "border" ? ["on the border"] : []),
    ...(gives === 2 ? ["gives two"] : []),
    ...(turned && bound !== "border" ? ["head to foot"] : []),
    ...(over && bound !== "fold" && !eitherWay ? ["turned over"] : []),
  ];
  return words.join(", ") || "as drawn";
}
