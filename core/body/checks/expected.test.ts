import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { measured, measuredAll } from "../../testing/index.ts";
import { expectedMm } from "./expected.ts";

const waist = { code: "waist", side: "single" } as const;

describe("what a measure is expected to be", () => {
  it("follows the size its own kind on the sheet shows", () => {
    const usual = measuredAll({ bust: 940, hip: 1000 });
    expect(expectedMm(waist, usual, [])).toBeCloseTo(760, 9);
    fc.assert(
      fc.property(fc.double({ min: 0.6, max: 1.8, noNaN: true }), (size) => {
        const scaled = usual.map((value) => ({ ...value, mm: value.mm * size }));
        return Math.abs((expectedMm(waist, scaled, []) ?? 0) - 760 * size) < 1e-9 * 760;
      }),
      { seed: 20261126 },
    );
  });

  it("is not carried along by one wrong neighbour", () => {
    expect(expectedMm(waist, measuredAll({ bust: 940, hip: 1000, high_hip: 9100 }), [])).toBeCloseTo(760, 9);
  });

  it("of lengths counts lengths only", () => {
    expect(expectedMm({ code: "crotch_depth", side: "single" }, measuredAll({ bust: 1400 }), [])).toBeNull();
    expect(expectedMm({ code: "crotch_depth", side: "single" }, measuredAll({ waist_to_hip: 410 }), [])).toBeCloseTo(
      540,
    );
  });

  it("is the last sheet's where nothing else says anything", () => {
    expect(expectedMm(waist, [measured("waist", 999)], measuredAll({ waist: 742 }))).toBe(742);
  });

  it("lies between both where both say something", () => {
    expect(expectedMm(waist, measuredAll({ bust: 940 }), measuredAll({ waist: 700 }))).toBeCloseTo(
      Math.sqrt(760 * 700),
    );
  });

  it("of a side looks at that side of the last sheet", () => {
    const earlier = [measured("thigh", 580, "left"), measured("thigh", 600, "right")];
    expect(expectedMm({ code: "thigh", side: "right" }, [], earlier)).toBe(600);
  });
});
