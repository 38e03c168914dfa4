import fc from "fast-check";
import { expect, it } from "vitest";
import { straight } from "./edge.ts";
import { point } from "./point.ts";
import { isWithin } from "./within.ts";

const L_SHAPE = [
  [0, 0],
  [100, 0],
  [100, 40],
  [40, 40],
  [40, 100],
  [0, 100],
] as const;
const corners = L_SHAPE.map(([x, y]) => point(x, y));
const outline = corners.map((from, at) => straight(from, corners[(at + 1) % corners.length] ?? from));

it("a place lies within an outline or off it, also in the hollow of it", () =>
  fc.assert(
    fc.property(
      fc.double({ min: -20, max: 120, noNaN: true }),
      fc.double({ min: -20, max: 120, noNaN: true }),
      (x, y) => {
        const off = [0, 40, 100].some((line) => Math.abs(x - line) < 1 || Math.abs(y - line) < 1);
        const inside = x > 0 && y > 0 && x < 100 && y < 100 && (x < 40 || y < 40);
        if (!off) expect(isWithin(outline, point(x, y))).toBe(inside);
      },
    ),
  ));
