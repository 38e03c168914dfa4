import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { cupSeamMm, cupVolumeCm3 } from "./cup.ts";
import { cupSection } from "./cupSection.ts";

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const BREAST = fc.record({
  rootHeightMm: mm(60, 180),
  projectionMm: mm(20, 160),
  lower: mm(1, 1.5),
  upper: mm(1, 1.5),
});

describe("the volume of a cup", () => {
  it("is that of half an ellipsoid", () => {
    // A half ball of 10 cm across: 2/3 π 5³.
    expect(cupVolumeCm3({ rootWidthMm: 100, rootHeightMm: 100, projectionMm: 50 })).toBeCloseTo(
      (2 / 3) * Math.PI * 125,
      9,
    );
  });

  it("grows with each measure in proportion", () => {
    fc.assert(
      fc.property(mm(80, 220), mm(60, 180), mm(20, 160), mm(0.5, 2), (rootWidthMm, rootHeightMm, projectionMm, by) => {
        const volume = cupVolumeCm3({ rootWidthMm, rootHeightMm, projectionMm });
        const wider = cupVolumeCm3({ rootWidthMm: rootWidthMm * by, rootHeightMm, projectionMm });
        return Math.abs(wider - by * volume) < 1e-9 * wider;
      }),
      { seed: 20261126 },
    );
  });

  it("is left to rigid cloth as it is, and reduced by the strain of a stretching one", () => {
    expect(cupSeamMm(240, 0)).toBe(240);
    expect(cupSeamMm(240, 0.05)).toBeCloseTo(240 / 1.05, 12);
  });
});

describe("the side view of a cup", () => {
  it("has its apex at the projection, between the ends of the root", () => {
    fc.assert(
      fc.property(BREAST, ({ rootHeightMm, projectionMm, lower, upper }) => {
        const section = cupSection({
          rootHeightMm,
          projectionMm,
          lowerCupMm: projectionMm * 1.1 * lower,
          upperCupMm: projectionMm * 1.2 * upper,
        });
        const [x, y] = section.apex;
        return x === projectionMm && y <= 0 && y >= -rootHeightMm && !/NaN|Infinity/.test(section.path);
      }),
      { seed: 20261126 },
    );
  });

  it("has its apex where the lower and the upper seam bulge alike", () => {
    const measures = { rootHeightMm: 125, projectionMm: 96, lowerCupMm: 112, upperCupMm: 124 };
    const { apex, tooShort } = cupSection(measures);
    const lower = measures.lowerCupMm / Math.hypot(96, apex[1]);
    const upper = measures.upperCupMm / Math.hypot(96, 125 + apex[1]);
    expect(lower).toBeCloseTo(upper, 9);
    expect(tooShort).toEqual([]);
  });

  it("puts the apex lower the shorter the lower seam is", () => {
    const heightOf = (lowerCupMm: number) =>
      -cupSection({ rootHeightMm: 125, projectionMm: 96, lowerCupMm, upperCupMm: 124 }).apex[1];
    const heights = [100, 105, 110, 115, 120].map(heightOf);
    expect(heights).toEqual(heights.toSorted((a, b) => a - b));
  });

  it("names the seam that cannot span from end to end", () => {
    const section = (lowerCupMm: number, upperCupMm: number) =>
      cupSection({ rootHeightMm: 125, projectionMm: 96, lowerCupMm, upperCupMm }).tooShort;
    expect(section(90, 90)).toEqual(["lowerCup", "upperCup"]);
    expect(section(112, 124)).toEqual([]);
  });
});
