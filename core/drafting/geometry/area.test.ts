import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parabola, quarterCircle, SCALES } from "../../testing/index.ts";
import { areaWithin } from "./area.ts";
import { mapped, mirrored, reversed, shifted, straight } from "./edge.ts";
import { point, turned } from "./point.ts";
import { split } from "./split.ts";

const closed = (...corners: readonly (readonly [number, number])[]) =>
  corners.map(([x, y], at) => {
    const [nextX, nextY] = corners[(at + 1) % corners.length] ?? [x, y];
    return straight(point(x, y), point(nextX, nextY));
  });

describe.each(SCALES)("what lies within, at the size of %d mm", (size) => {
  it("a rectangle, gone round clockwise as one sees it with y down", () => {
    const outline = closed([0, 0], [3 * size, 0], [3 * size, 2 * size], [0, 2 * size]);
    expect(areaWithin(outline) / size ** 2).toBeCloseTo(6, 9);
    expect(areaWithin(outline.map(reversed).toReversed()) / size ** 2).toBeCloseTo(-6, 9);
    expect(areaWithin(outline.map(mirrored)) / size ** 2).toBeCloseTo(-6, 9);
  });

  it("under a parabola: a third of the square it stands in", () => {
    const curve = parabola(size, 1);
    const outline = [straight(point(0, 0), point(size, 0)), straight(point(size, 0), curve.to), reversed(curve)];
    expect(areaWithin(outline) / size ** 2).toBeCloseTo(1 / 3, 12);
  });

  it("a quarter of a circle, as near as one cubic comes to it", () => {
    const arc = quarterCircle(size);
    const outline = [straight(point(0, 0), arc.from), arc, straight(arc.to, point(0, 0))];
    expect(areaWithin(outline) / ((Math.PI / 4) * size ** 2)).toBeCloseTo(1, 3);
  });

  it("is the same wherever it lies and however it is turned, and in parts", () => {
    const arc = quarterCircle(size);
    const outline = [straight(point(0, 0), arc.from), arc, straight(arc.to, point(0, 0))];
    const area = areaWithin(outline);
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 5, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: 0.05, max: 0.95, noNaN: true }),
        (by, radians, at) => {
          const there = outline
            .map((edge) => mapped(edge, (place) => turned(place, radians)))
            .map((edge) => shifted(edge, point(by * size, -by * size)))
            .flatMap((edge) => split(edge, at));
          return Math.abs(areaWithin(there) - area) < 1e-9 * size ** 2;
        },
      ),
      { seed: 20261126 },
    );
  });
});
