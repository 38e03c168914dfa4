import { describe, expect, it } from "vitest";
import { tensionCurve } from "../cloth/index.ts";
import { consequencesOf } from "./consequences.ts";
import { isLimb, pressureBandOf, pressureKpa, tensionForPressure } from "./pressure.ts";

describe("the ring law", () => {
  it("by hand: 50 N/m round 800 mm presses with 0.3927 kPa", () => {
    expect(pressureKpa(50, 800)).toBeCloseTo(0.392699, 6);
  });

  it("inverts", () => expect(tensionForPressure(pressureKpa(37.5, 742), 742)).toBeCloseTo(37.5, 12));
});

describe("pressure bands", () => {
  it.each([
    [1.499, "easy"],
    [1.5, "snug"],
    [2.699, "snug"],
    [2.7, "firm"],
    [4, "firm"],
    [4.001, "stop"],
  ] as const)("%d kPa at the waist is %s", (kpa, band) => expect(pressureBandOf(kpa, "waist")).toBe(band));

  it.each([
    [2.699, "snug"],
    [2.7, "stop"],
  ] as const)("%d kPa at the leg and the arm is %s", (kpa, band) => {
    expect([pressureBandOf(kpa, "leg"), pressureBandOf(kpa, "arm")]).toEqual([band, band]);
    expect(isLimb("hip")).toBe(false);
  });
});

describe("consequences with a curve", () => {
  const wear = tensionCurve([
    [0.2, 40],
    [0.5, 200],
  ]);
  const wearing = { zone: "waist", bodyMm: 720, usable: 0.5, recovery: null, wear } as const;

  it("read tension and pressure at the strain", () => {
    expect(consequencesOf(600, wearing).pull).toEqual({
      tensionNPerM: expect.closeTo(40, 9),
      pressureKpa: expect.closeTo((2 * Math.PI * 40) / 720, 9),
      band: "easy",
      beyondTest: false,
    });
  });

  it("are slack and press with nothing where the garment is the larger", () => {
    expect(consequencesOf(760, wearing).pull).toMatchObject({ tensionNPerM: 0, pressureKpa: 0, beyondTest: false });
  });

  it("say where the test did not go so far", () => {
    expect(consequencesOf(450, wearing).pull?.beyondTest).toBe(true);
  });

  it("share front and back by the front arc, else by halves, and say so", () => {
    expect(consequencesOf(600, { ...wearing, frontArcMm: 384 })).toMatchObject({
      frontMm: 320,
      backMm: 280,
      halvesAssumed: false,
    });
    expect(consequencesOf(600, wearing)).toMatchObject({ frontMm: 300, backMm: 300, halvesAssumed: true });
  });
});
