import { describe, expect, it } from "vitest";
import { sampleFrozen, sampleLength, samplePrototype } from "../../testing/index.ts";
import { sewingError } from "./asSewn.ts";
import { expectedLossMm, layersThickness } from "./expectedLoss.ts";
import { judgedGirthMm, judgedLengthMm, madeInRealCloth, PROTOTYPE_KINDS } from "./prototype.ts";
import { ringName } from "./ringName.ts";
import { ringKey, sameRing } from "./rings.ts";

describe("a girth as sewn", () => {
  it.each([
    [653, 653, 0, false],
    [658, 653, 5, false],
    [648, 653, -5, false],
    [658.1, 653, 5.1, true],
    [647.9, 653, -5.1, true],
    // A small ring is off by a part of itself before it is off by 5 mm.
    [303, 300, 3, false],
    [303.1, 300, 3.1, true],
    [296.9, 300, -3.1, true],
  ])("%d mm for %d planned is %d mm off, flagged: %s", (sewn, planned, errorMm, flagged) => {
    expect(sewingError(sewn, planned)).toEqual({ errorMm: expect.closeTo(errorMm, 9), flagged });
  });

  it("loses about twice the layers at every seam that crosses it", () => {
    expect(expectedLossMm({ seams: 2, thicknessMm: 1.5 })).toBe(6);
    expect(expectedLossMm({ seams: 0, thicknessMm: 1.5 })).toBe(0);
  });

  it("has a thickness only where every layer's was measured", () => {
    const frozen = sampleFrozen();
    const layered = { frozen: { ...frozen, layers: [...frozen.layers, ...frozen.layers] } };
    expect(layersThickness({ frozen }, () => 0.8)).toBe(0.8);
    expect(layersThickness(layered, () => 0.8)).toBeCloseTo(1.6, 12);
    expect(layersThickness(layered, () => null)).toBeNull();
  });
});

describe("what a fitting judges", () => {
  const waist = { zone: "waist", side: "single" } as const;
  const lengths = [sampleLength({ id: "backRise", name: "Back rise", bodyMm: 372, cutMm: 360 })];
  const planned = samplePrototype({ frozen: { ...sampleFrozen(), lengths } });

  it("is the girth as sewn where it was measured, else as planned", () => {
    expect(judgedGirthMm(planned, waist)).toEqual({ girthMm: 653, basis: "planned" });
    const sewn = samplePrototype({ sewn: [{ ...waist, sewnMm: 648, text: "32,4" }] });
    expect(judgedGirthMm(sewn, waist)).toEqual({ girthMm: 648, basis: "sewn" });
    expect(judgedGirthMm(planned, { zone: "bust", side: "single" })).toBeNull();
  });

  it("is each leg by itself", () => {
    const sewn = samplePrototype({ sewn: [{ zone: "leg", side: "left", sewnMm: 540, text: "27" }] });
    expect(judgedGirthMm(sewn, { zone: "leg", side: "left" })?.basis).toBe("sewn");
    expect(judgedGirthMm(sewn, { zone: "leg", side: "right" })?.basis).toBe("planned");
  });

  it("is the length likewise, with the body it lies on", () => {
    expect(judgedLengthMm(planned, "backRise")).toEqual({ lengthMm: 360, bodyMm: 372, basis: "planned" });
    const sewn = { ...planned, sewnLengths: [{ id: "backRise", sewnMm: 355, text: "35,5" }] };
    expect(judgedLengthMm(sewn, "backRise")).toEqual({ lengthMm: 355, bodyMm: 372, basis: "sewn" });
    expect(judgedLengthMm(planned, "trunk")).toBeNull();
  });

  it("counts for the cloth only where it was made of it", () => {
    const real = PROTOTYPE_KINDS.filter(({ id }) => madeInRealCloth(id)).map(({ id }) => id);
    expect(real).toEqual(["basted", "sewn", "wearable"]);
  });
});

describe("a ring", () => {
  it.each([
    [{ zone: "waist", side: "single" }, "waist", "Waist"],
    [{ zone: "leg", side: "left" }, "leg:left", "Leg, left"],
    [{ zone: "highHip", side: "single" }, "highHip", "High hip"],
  ] as const)("%j is %s in a form and “%s” on a page", (ring, key, name) => {
    expect([ringKey(ring), ringName(ring)]).toEqual([key, name]);
  });

  it("is the same only in zone and side", () => {
    expect(sameRing({ zone: "leg", side: "left" }, { zone: "leg", side: "left" })).toBe(true);
    expect(sameRing({ zone: "leg", side: "left" }, { zone: "leg", side: "right" })).toBe(false);
    expect(sameRing({ zone: "arm", side: "left" }, { zone: "leg", side: "left" })).toBe(false);
  });
});
