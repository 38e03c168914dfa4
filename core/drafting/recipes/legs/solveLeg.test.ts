import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { solveLeg } from "./solveLeg.ts";

const rising = (fullness: number) => 500 + 120 * fullness ** 2;

describe("the fullness of a leg", () => {
  it("brings it to the length that is wanted", () => {
    fc.assert(
      fc.property(fc.double({ min: 500, max: 620, noNaN: true }), (wanted) => {
        const { fullness, reached } = solveLeg(rising, wanted);
        expect(reached).toBe("met");
        expect(Math.abs(rising(fullness) - wanted)).toBeLessThan(0.06);
      }),
      { seed: 20261126 },
    );
  });

  it.each([
    [400, 0, "tighter than any curve"],
    [499.97, 0, "met"],
    [620.03, 1, "met"],
    [900, 1, "longer than any curve"],
  ])("of %d mm stops at %d: %s", (wanted, fullness, reached) => {
    expect(solveLeg(rising, wanted)).toEqual({ fullness, reached });
  });
});
