import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  angleBetween,
  between,
  cross,
  distance,
  dot,
  lengthOf,
  moved,
  point,
  square,
  turned,
  unit,
  way,
} from "./point.ts";

const any = fc.record({
  x: fc.double({ min: -1e4, max: 1e4, noNaN: true }),
  y: fc.double({ min: -1e4, max: 1e4, noNaN: true }),
});

describe("places and ways", () => {
  it("by hand", () => {
    expect(way(point(1, 2), point(4, 6))).toEqual({ x: 3, y: 4 });
    expect(distance(point(1, 2), point(4, 6))).toBe(5);
    expect(moved(point(1, 2), point(3, 4), -2)).toEqual({ x: -5, y: -6 });
    expect(between(point(0, 0), point(10, 20), 0.25)).toEqual({ x: 2.5, y: 5 });
    expect([dot(point(1, 2), point(3, 4)), cross(point(1, 2), point(3, 4))]).toEqual([11, -2]);
  });

  it("go back the way they came", () => {
    fc.assert(
      fc.property(any, any, (a, b) => distance(moved(a, way(a, b)), b) < 1e-9),
      { seed: 20261126 },
    );
  });
});

describe("directions", () => {
  it("of a way of no length are none", () => {
    expect(unit(point(0, 0))).toBeNull();
    expect(unit(point(3, -4))).toEqual({ x: 0.6, y: -0.8 });
  });

  it("turn clockwise as one sees them, with y down", () => {
    const quarter = turned(point(1, 0), Math.PI / 2);
    expect([quarter.x, quarter.y]).toEqual([expect.closeTo(0, 12), expect.closeTo(1, 12)]);
    expect(square(point(1, 0))).toEqual({ x: -0, y: 1 });
    expect(angleBetween(point(1, 0), point(0, 1))).toBeCloseTo(Math.PI / 2, 12);
    expect(angleBetween(point(0, 1), point(1, 0))).toBeCloseTo(-Math.PI / 2, 12);
  });

  it("keep their length when they are turned, and turn by the angle", () => {
    fc.assert(
      fc.property(any, fc.double({ min: -3, max: 3, noNaN: true }), (a, radians) => {
        const b = turned(a, radians);
        if (lengthOf(a) < 1e-6) return true;
        return (
          Math.abs(lengthOf(b) - lengthOf(a)) < 1e-9 * lengthOf(a) && Math.abs(angleBetween(a, b) - radians) < 1e-9
        );
      }),
      { seed: 20261126 },
    );
  });
});
