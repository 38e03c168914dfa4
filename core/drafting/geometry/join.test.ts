import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyEdge, SCALES } from "../../testing/index.ts";
import { directionAt } from "./along.ts";
import { mirrored, reversed, straight } from "./edge.ts";
import { joinOf, PLAIN, smoothCurve } from "./join.ts";
import { distance, point, turned } from "./point.ts";
import { split } from "./split.ts";

describe("a smooth curve between two ends", () => {
  it.each(SCALES)("leaves and arrives as it was told, at the size of %d mm", (size) => {
    fc.assert(
      fc.property(
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: 0.05, max: 2, noNaN: true }),
        (leaving, arriving, fullness) => {
          const from = { at: point(0, 0), toward: turned(point(1, 0), leaving) };
          const to = { at: point(size, 0.5 * size), toward: turned(point(1, 0), arriving) };
          const curve = smoothCurve(from, to, { leaving: fullness, arriving: fullness });
          const [first, last] = [directionAt(curve, 0), directionAt(curve, 1)];
          return distance(first ?? point(9, 9), from.toward) < 1e-9 && distance(last ?? point(9, 9), to.toward) < 1e-9;
        },
      ),
      { seed: 20261126 },
    );
  });

  it("whose ends point at one another is the straight line", () => {
    const curve = smoothCurve(
      { at: point(0, 0), toward: point(1, 0) },
      { at: point(90, 0), toward: point(1, 0) },
      PLAIN,
    );
    expect([curve.leave, curve.arrive]).toEqual([point(30, 0), point(60, 0)]);
  });
});

describe("how one edge leads into the next", () => {
  it("by hand: a gap, a right angle, one line", () => {
    const across = straight(point(0, 0), point(10, 0));
    expect(joinOf(across, straight(point(10, 0), point(10, 8)))).toEqual({
      gapMm: 0,
      cornerDeg: expect.closeTo(90, 9),
    });
    expect(joinOf(across, straight(point(13, 4), point(20, 4)))).toEqual({ gapMm: 5, cornerDeg: 0 });
    expect(joinOf(across, straight(point(10, 0), point(10, 0))).cornerDeg).toBeNull();
  });

  it("a cut edge leads into its own rest without a corner", () => {
    fc.assert(
      fc.property(anyEdge(100), fc.double({ min: 0.05, max: 0.95, noNaN: true }), (edge, at) => {
        const { gapMm, cornerDeg } = joinOf(...split(edge, at));
        return gapMm < 1e-9 && (cornerDeg === null || cornerDeg < 1e-3);
      }),
      { seed: 20261126 },
    );
  });

  it("a line square to a fold leads over it without a corner, any other by twice its lean", () => {
    const over = (leanDeg: number) => {
      const half = straight(turned(point(50, 0), (leanDeg * Math.PI) / 180), point(0, 0));
      return joinOf(half, mirrored(reversed(half))).cornerDeg;
    };
    expect(over(0)).toBeCloseTo(0, 9);
    expect(over(3)).toBeCloseTo(6, 9);
  });
});
