import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tensionCurve } from "../cloth/index.ts";
import { WHAT_IF_NUMBERS, type WhatIfAnswer, type WhatIfNumber, whatIf } from "./whatIf.ts";

const wear = tensionCurve([
  [0.2, 10],
  [0.4, 30],
  [0.6, 90],
]);
const zone = { zone: "waist", bodyMm: 742, usable: 0.5, wear } as const;

const read = ({ garmentMm, strain, share, pull }: WhatIfAnswer): Record<WhatIfNumber, number> => ({
  garment: garmentMm,
  strain,
  share: share ?? Number.NaN,
  tension: pull?.tensionNPerM ?? Number.NaN,
  pressure: pull?.pressureKpa ?? Number.NaN,
});

const problem = (fixed: WhatIfNumber, value: number, own: object = {}) => {
  const answer = whatIf(fixed, value, { ...zone, ...own });
  return answer.ok ? null : answer.problem.code;
};

describe("one number fixed, four follow", () => {
  it("and any of them fixed again gives the same five, both ways", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 0.9, noNaN: true }), (strain) => {
        const first = whatIf("strain", strain, zone);
        if (!first.ok) return false;
        const five = read(first.value);
        return WHAT_IF_NUMBERS.every((fixed) => {
          const again = whatIf(fixed, five[fixed], zone);
          return (
            again.ok &&
            WHAT_IF_NUMBERS.every(
              (name) => Math.abs(read(again.value)[name] - five[name]) <= 1e-6 * Math.max(1, five[name]),
            )
          );
        });
      }),
      { seed: 20261125 },
    );
  });

  it("by hand: 30 N/m is 40 % strain, 530 mm round 742, 0.8 of the stretch, 0.254 kPa", () => {
    const answer = whatIf("tension", 30, zone);
    if (!answer.ok) throw new Error(answer.problem.message);
    expect(read(answer.value)).toEqual({
      garment: expect.closeTo(530, 6),
      strain: expect.closeTo(0.4, 9),
      share: expect.closeTo(0.8, 9),
      tension: expect.closeTo(30, 6),
      pressure: expect.closeTo((2 * Math.PI * 30) / 742, 9),
    });
  });

  it("keeps the number that was typed, to the last digit", () => {
    const answer = whatIf("garment", 612.34, zone);
    expect(answer.ok && answer.value.garmentMm).toBe(612.34);
  });
});

describe("what cannot be", () => {
  it.each([
    ["garment", 0, "out-of-range"],
    ["strain", -1, "out-of-range"],
    ["tension", -1, "out-of-range"],
    ["pressure", -0.1, "out-of-range"],
    ["share", -3, "out-of-range"],
  ] as const)("%s %d is refused", (fixed, value, code) => expect(problem(fixed, value)).toBe(code));

  it("is said of a cloth without a curve, without stretch, or that never pulls so hard", () => {
    expect(problem("pressure", 1, { wear: null })).toBe("no-curve");
    expect(problem("share", 0.2, { usable: 0 })).toBe("no-stretch");
    const flat = tensionCurve([
      [0.2, 10],
      [0.4, 10],
    ]);
    expect(problem("tension", 11, { wear: flat })).toBe("unreachable");
  });

  it("leaves tension and pressure unknown without a curve, and the rest known", () => {
    const answer = whatIf("strain", 0.25, { ...zone, wear: null });
    expect(answer.ok && answer.value).toMatchObject({ pull: null, share: 0.5, garmentMm: 593.6 });
  });
});
