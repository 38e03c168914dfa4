import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { dartFromGap } from "./dartFromGap.ts";

const turned = (...given: Parameters<typeof dartFromGap>) => {
  const dart = dartFromGap(...given);
  if (!dart.ok) throw new Error(dart.problem.message);
  return dart.value;
};
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe("a dart turned from a gape", () => {
  it("of 60 degrees is as wide as its legs are long", () => {
    expect(turned(100, 100, 80)).toEqual({ angleDeg: expect.closeTo(60, 9), widthMm: expect.closeTo(80, 9) });
  });

  it("takes up at the new seam what the same angle opens there", () => {
    fc.assert(
      fc.property(mm(1, 60), mm(40, 300), mm(10, 300), (width, toApex, newToApex) => {
        const { widthMm, angleDeg } = turned(width, toApex, newToApex);
        const radians = (angleDeg * Math.PI) / 180;
        return (
          Math.abs(widthMm - (width * newToApex) / toApex) < 1e-9 * newToApex &&
          Math.abs(2 * toApex * Math.sin(radians / 2) - width) < 1e-9 * toApex
        );
      }),
      { seed: 20261126 },
    );
  });

  it("turned back is the gape it came from", () => {
    const there = turned(22, 118, 92);
    expect(turned(there.widthMm, 92, 118).widthMm).toBeCloseTo(22, 9);
  });

  it("cannot be wider than it is possible so near the apex", () => {
    expect(turned(200, 100, 50).angleDeg).toBeCloseTo(180, 9);
    expect(dartFromGap(200.1, 100, 50)).toMatchObject({
      ok: false,
      problem: { code: "gape-too-wide", message: "Expected a gape up to 200 mm so near the apex, but it is 200.1 mm." },
    });
  });
});
