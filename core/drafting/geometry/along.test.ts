import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyEdge, parabola, quarterCircle, SCALES } from "../../testing/index.ts";
import { curvatureAt, directionAt, placeAt, speedAt } from "./along.ts";
import { curved, reversed, sizeOf, straight } from "./edge.ts";
import { distance, lengthOf, moved, point } from "./point.ts";

const part = fc.double({ min: 0.01, max: 0.99, noNaN: true });

describe.each(SCALES)("along an edge of %d mm", (size) => {
  it("it begins and ends where it says", () => {
    fc.assert(
      fc.property(anyEdge(size), (edge) => {
        const close = 1e-12 * size;
        return distance(placeAt(edge, 0), edge.from) <= close && distance(placeAt(edge, 1), edge.to) <= close;
      }),
      { seed: 20261126 },
    );
  });

  it("the speed is how the place moves", () => {
    fc.assert(
      fc.property(anyEdge(size), part, (edge, t) => {
        const step = 1e-5;
        const ahead = moved(placeAt(edge, t), speedAt(edge, t), step);
        return distance(ahead, placeAt(edge, t + step)) <= 1e-8 * Math.max(sizeOf(edge), size);
      }),
      { seed: 20261126 },
    );
  });

  it("a circle bends by one over its radius everywhere, as near as one cubic comes to it", () => {
    for (const t of [0, 0.1, 0.3, 0.5, 0.9, 1]) expect(curvatureAt(quarterCircle(size), t) * size).toBeCloseTo(1, 1);
  });

  it("a parabola bends most at its vertex: by two over its size", () => {
    expect(curvatureAt(parabola(size, 1), 0) * size).toBeCloseTo(2, 9);
    expect(curvatureAt(parabola(size, 1), 1) * size).toBeCloseTo(2 / 5 ** 1.5, 9);
  });

  it("the other way it bends the other way", () => {
    fc.assert(
      fc.property(anyEdge(size), part, (edge, t) => {
        // Where it all but stands still there is no saying how it bends.
        if (lengthOf(speedAt(edge, t)) < 1e-3 * size) return true;
        const [there, back] = [curvatureAt(edge, t), curvatureAt(reversed(edge), 1 - t)];
        return Math.abs(there + back) <= 1e-6 * Math.max(Math.abs(there), 1 / size);
      }),
      { seed: 20261126 },
    );
  });
});

describe("a direction", () => {
  it("is as long as one wherever the edge has a length", () => {
    fc.assert(
      fc.property(anyEdge(100), part, (edge, t) => {
        const direction = directionAt(edge, t);
        return direction === null ? sizeOf(edge) === 0 : Math.abs(lengthOf(direction) - 1) < 1e-9;
      }),
      { seed: 20261126 },
    );
  });

  it("where a handle lies on its end is the one toward the next", () => {
    const edge = curved(point(0, 0), point(0, 0), point(50, 50), point(100, 50));
    expect(directionAt(edge, 0)).toEqual({ x: expect.closeTo(Math.SQRT1_2, 9), y: expect.closeTo(Math.SQRT1_2, 9) });
    const other = directionAt(reversed(edge), 1);
    expect([other?.x, other?.y]).toEqual([expect.closeTo(-Math.SQRT1_2, 9), expect.closeTo(-Math.SQRT1_2, 9)]);
  });

  it("where both handles lie on the ends is that of the straight line", () => {
    const edge = curved(point(0, 0), point(0, 0), point(30, 40), point(30, 40));
    expect(directionAt(edge, 0)).toEqual({ x: expect.closeTo(0.6, 9), y: expect.closeTo(0.8, 9) });
  });

  it("of an edge that goes nowhere is none, and a straight edge does not bend", () => {
    expect(directionAt(straight(point(1, 1), point(1, 1)), 0)).toBeNull();
    expect(curvatureAt(straight(point(0, 0), point(5, 1)), 0.5)).toBe(0);
  });
});
