import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { tensionCurve } from "../cloth/index.ts";
import { consequencesOf } from "./consequences.ts";
import { passOver } from "./passOver.ts";
import { roundGirth } from "./roundGirth.ts";
import { stretchStepOf } from "./stretchStep.ts";

/** As an even cloth pulls, N/m. */
const CURVE = tensionCurve([
  [0.1, 40],
  [0.4, 180],
]);

describe("consequences of a girth", () => {
  it("tells reduction from strain", () => {
    const found = consequencesOf(900, { zone: "waist", bodyMm: 1000, usable: 0.5, recovery: 0.9 });
    expect(found.reduction).toBeCloseTo(0.1, 12);
    expect(found.strain).toBeCloseTo(1 / 9, 12);
    expect(found.shareUsed).toBeCloseTo(2 / 9, 12);
    expect(found.grownGarmentMm).toBeCloseTo(910, 9);
    expect(found.easeMm).toBe(-100);
  });

  it("strains what stretches of a ring by all of it, and reads tension, pressure and growth from that", () => {
    // A band of 640 mm on 760: 300 mm of bridge, cups and hooks lie as they are, 340 mm of wings go to 460.
    const body = { zone: "underbust", bodyMm: 760, usable: 0.6, recovery: 0.9, wear: CURVE } as const;
    const [whole, band] = [consequencesOf(640, body), consequencesOf(640, { ...body, stillMm: 300 })];
    expect(whole.strain).toBeCloseTo(0.1875, 9);
    expect(band.strain).toBeCloseTo(460 / 340 - 1, 9);
    expect(band.shareUsed).toBeCloseTo((460 / 340 - 1) / 0.6, 9);
    expect([band.easeMm, band.reduction]).toEqual([whole.easeMm, whole.reduction]);
    expect(band.pull?.tensionNPerM).toBeCloseTo(
      consequencesOf(340, { ...body, bodyMm: 460 }).pull?.tensionNPerM ?? 0,
      9,
    );
    expect(band.pull?.pressureKpa).toBeCloseTo((2 * Math.PI * (band.pull?.tensionNPerM ?? 0)) / 760, 9);
    expect(band.grownGarmentMm).toBeCloseTo(300 + 340 * (1 + 0.1 * (460 / 340 - 1)), 9);
    expect(band.grownStrain).toBeCloseTo(460 / ((band.grownGarmentMm ?? 0) - 300) - 1, 9);
  });

  it("has nothing left to stretch where a girth is no larger than what does not", () => {
    const none = consequencesOf(300, {
      zone: "underbust",
      bodyMm: 760,
      usable: 0.6,
      recovery: 0.9,
      wear: CURVE,
      stillMm: 300,
    });
    expect([none.reach, none.shareUsed, none.pull, none.grownGarmentMm]).toEqual(["willNotReach", null, null, null]);
  });

  it("lets nothing grow that is not stretched", () => {
    expect(consequencesOf(1040, { zone: "waist", bodyMm: 1000, usable: 0.05, recovery: 0.5 }).grownGarmentMm).toBe(
      1040,
    );
  });

  it("keeps growth unknown without a recovery, and the share without any stretch", () => {
    const found = consequencesOf(900, { zone: "waist", bodyMm: 1000, usable: 0, recovery: null });
    expect([found.grownGarmentMm, found.grownStrain, found.shareUsed]).toEqual([null, null, null]);
    expect(found.reach).toBe("willNotReach");
  });

  it.each([
    [0.299, "within"],
    [0.301, "nearLimit"],
    [0.5, "nearLimit"],
    [0.501, "willNotReach"],
  ])("judges a strain of %f at 0.5 usable as %s", (strain, reach) => {
    expect(
      consequencesOf(1000 / (1 + strain), { zone: "waist", bodyMm: 1000, usable: 0.5, recovery: null }).reach,
    ).toBe(reach);
  });

  it("keeps strain and reduction in their law ε = r / (1 − r) at every size", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 1e5, noNaN: true }),
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        (body, ratio) => {
          const { strain, reduction } = consequencesOf(body * ratio, {
            zone: "waist",
            bodyMm: body,
            usable: 1,
            recovery: 1,
          });
          return Math.abs(strain - reduction / (1 - reduction)) <= 1e-9 * Math.max(1, Math.abs(strain));
        },
      ),
      { seed: 20261124 },
    );
  });
});

it("rounds girths to whole millimetres, halves up", () => {
  expect([632.49, 632.5, 633.5].map(roundGirth)).toEqual([632, 633, 634]);
});

describe("pulling over", () => {
  it.each([
    [1000, 1500, "goes"],
    [1000, 1501, "hard"],
    [1000, 1575, "hard"],
    [1000, 1576, "closure"],
  ] as const)("judges a ring of %d over %d at 0.5 as %s", (garment, pass, verdict) => {
    expect(passOver(garment, pass, 0.5).verdict).toBe(verdict);
  });

  it("says what is missing at full stretch", () => expect(passOver(1000, 1600, 0.5).shortfallMm).toBeCloseTo(100, 9));
});

it("steps the strain scale from slack to broken", () => {
  const steps = [-0.1, 0, 0.2, 0.4, 0.6, 1, 1.01].map((share) => stretchStepOf(share, share));
  expect(steps).toEqual(["slack", "resting", "light", "held", "drawn", "drawn", "broken"]);
  expect(stretchStepOf(null, 0.02)).toBe("broken");
  expect(stretchStepOf(null, 0)).toBe("slack");
});
