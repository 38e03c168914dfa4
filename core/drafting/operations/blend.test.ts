import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type Blend, blendArea, offsetAt, slopeAt } from "./blend.ts";

const BLEND: Blend = { amountMm: -12, fullFromMm: 100, fullToMm: 160, beforeMm: 80, afterMm: 40 };
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const any = fc
  .record({
    amountMm: mm(-30, 30),
    fullFromMm: mm(0, 300),
    full: mm(0, 200),
    beforeMm: mm(0, 200),
    afterMm: mm(0, 200),
  })
  .map(({ full, ...blend }): Blend => ({ ...blend, fullToMm: blend.fullFromMm + full }));

describe("a blend", () => {
  it.each([
    [0, 0],
    [20, 0],
    [60, -6],
    [100, -12],
    [130, -12],
    [160, -12],
    [180, -6],
    [200, 0],
    [400, 0],
  ])("%d mm along moves the edge by %d mm", (at, by) => expect(offsetAt(BLEND, at)).toBeCloseTo(by, 12));

  it("of no length ends at once", () => {
    const hard = { ...BLEND, beforeMm: 0, afterMm: 0 };
    expect([99.999, 100, 160, 160.001].map((at) => offsetAt(hard, at))).toEqual([0, -12, -12, 0]);
  });

  it("never moves more than in full, and never the other way", () => {
    fc.assert(
      fc.property(any, mm(-100, 900), (blend, at) => {
        const by = offsetAt(blend, at);
        return Math.abs(by) <= Math.abs(blend.amountMm) + 1e-12 && by * blend.amountMm >= 0;
      }),
      { seed: 20261126 },
    );
  });

  it("has its slope from its own steps, and none at its ends", () => {
    fc.assert(
      fc.property(any, mm(0, 700), (blend, at) => {
        const step = 1e-4;
        const steps = (offsetAt(blend, at + step) - offsetAt(blend, at - step)) / (2 * step);
        const smooth = blend.beforeMm > 1 && blend.afterMm > 1;
        return !smooth || Math.abs(steps - slopeAt(blend, at)) < 1e-2;
      }),
      { seed: 20261126 },
    );
    expect([20, 100, 160, 200].map((at) => slopeAt(BLEND, at))).toEqual([0, 0, 0, 0]);
  });

  it("adds up to its full part and half of its blends", () => {
    const steps = 40_000;
    const sum = Array.from({ length: steps }, (_, step) => offsetAt(BLEND, ((step + 0.5) * 400) / steps));
    expect((sum.reduce((total, by) => total + by, 0) * 400) / steps).toBeCloseTo(blendArea(BLEND), 3);
    expect(blendArea(BLEND)).toBe(-12 * (60 + 60));
  });
});
