import fc from "fast-check";
import { expect, it } from "vitest";
import { anyEdge, quarterCircle } from "../../testing/index.ts";
import { straight } from "./edge.ts";
import { lengthOfEdge } from "./length.ts";
import { lengthNearest } from "./nearest.ts";
import { distance, point } from "./point.ts";
import { placeAlong } from "./walk.ts";

it("by hand: beside a straight edge, and beyond its ends", () => {
  const lines = [straight(point(0, 0), point(0, 40)), straight(point(0, 40), point(0, 100))];
  expect([point(7, 55), point(-3, -20), point(9, 130)].map((place) => lengthNearest(lines, place))).toEqual([
    expect.closeTo(55, 6),
    expect.closeTo(0, 6),
    expect.closeTo(100, 6),
  ]);
  expect(lengthNearest([], point(1, 1))).toBe(0);
});

it("of a circle lies on the way to its middle", () => {
  const arc = quarterCircle(80);
  const half = lengthOfEdge(arc) / 2;
  const at = placeAlong([arc], half) ?? point(0, 0);
  for (const factor of [0.7, 1.4])
    expect(lengthNearest([arc], point(at.x * factor, at.y * factor))).toBeCloseTo(half, 3);
});

it("of a place on any edge is that place again", () => {
  fc.assert(
    fc.property(anyEdge(100), fc.double({ min: 0, max: 1, noNaN: true }), (edge, part) => {
      const place = placeAlong([edge], part * lengthOfEdge(edge));
      if (!place) return;
      const found = placeAlong([edge], lengthNearest([edge], place));
      expect(found && distance(found, place)).toBeLessThan(0.05);
    }),
    { seed: 20261126, numRuns: 200 },
  );
});
