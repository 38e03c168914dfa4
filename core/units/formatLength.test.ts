import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatAmount, formatDifference, formatLength, formatLengthWithUnit } from "./formatLength.ts";
import { parseLength } from "./parseLength.ts";

describe("formatLength", () => {
  it.each([
    [718, "cm", "71.8"],
    [718.25, "cm", "71.8"],
    [-0.2, "cm", "0.0"],
    [-180, "cm", "−18.0"],
    [711.2, "in", "28"],
    [717.55, "in", "28 1/4"],
    [3.175, "in", "1/8"],
    [-3.175, "in", "−1/8"],
    [0.5, "in", "0"],
  ] as const)("writes %f mm in %s as %s", (mm, unit, expected) => {
    expect(formatLength(mm, unit)).toBe(expected);
  });

  it("throws on a number that is none, rather than showing it", () => {
    expect(() => formatLength(Number.NaN, "cm")).toThrow(RangeError);
  });

  it("is read back to within half a step", () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 3000, noNaN: true }), fc.constantFrom("cm", "in"), (mm, unit) => {
        const shown = unit as "cm" | "in";
        const parsed = parseLength(formatLengthWithUnit(mm, shown), shown);
        return parsed.ok && Math.abs(parsed.value - mm) <= (shown === "cm" ? 0.5 : 25.4 / 16) + 1e-6;
      }),
      { seed: 20261124 },
    );
  });
});

describe("formatDifference", () => {
  it.each([
    [-6, "cm", "−6 mm"],
    [6.04, "cm", "+6 mm"],
    [6.06, "cm", "+6.1 mm"],
    [0.01, "cm", "0 mm"],
    [12.7, "in", "+1/2 in"],
  ] as const)("writes %f mm beside %s as %s", (mm, unit, expected) => {
    expect(formatDifference(mm, unit)).toBe(expected);
  });

  it("leaves the plus off an amount", () => expect(formatAmount(24, "cm")).toBe("24 mm"));
});
