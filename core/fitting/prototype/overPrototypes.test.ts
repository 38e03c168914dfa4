import { describe, expect, it } from "vitest";
import {
  fitting,
  sampleCarried,
  sampleChange,
  sampleFinding,
  sampleFrozen,
  sampleLength,
  samplePrototype,
} from "../../testing/index.ts";
import { comparePrototypes } from "./comparePrototypes.ts";
import { expectedLossMm, layersThickness } from "./expectedLoss.ts";
import { frozenRings } from "./frozenRings.ts";
import { likedFromPrototype } from "./likedFromPrototype.ts";
import { nextLengths } from "./nextLengths.ts";
import { zoneCourses } from "./zoneCourse.ts";

describe("over the prototypes", () => {
  const sewn = [{ zone: "waist", side: "single", sewnMm: 660, text: "33 cm" }] as const;
  const first = samplePrototype({ sewn });
  const carried = sampleFrozen([{ changeId: 1, zone: "waist", side: "both", amountMm: -13 }]);
  const second = samplePrototype({ id: 22, number: 2, frozen: carried });
  const found = sampleFinding({
    change: sampleChange({ cutInto: 2 }),
    judgement: { fittingId: 42, residualMm: 0, verdict: "cured", note: "" },
  });
  const fittings = [fitting({ findings: [found, sampleFinding({ id: 32 })] })];

  it("each ring has its stages with what they do, and the findings still open", () => {
    const [waist] = zoneCourses([first, second], fittings, frozenRings(carried));
    expect(
      waist?.stages.map(({ prototype, stage, consequences }) => [prototype, stage, consequences.garmentMm]),
    ).toEqual([
      [1, "planned", 653],
      [1, "sewn", 660],
      [2, "planned", 640],
      [3, "next", 640],
    ]);
    expect(waist?.findings).toEqual([
      { prototype: 1, seen: 2, open: 1 },
      { prototype: 2, seen: 0, open: 0 },
    ]);
  });

  it("two are compared: what changed, what was cured, what is still open", () => {
    const compared = comparePrototypes(first, second, fittings);
    expect(compared.rings[0]).toMatchObject({
      zone: "waist",
      a: { plannedMm: 653, sewnMm: 660 },
      b: { plannedMm: 640, sewnMm: null },
    });
    expect(compared.changes.map(({ changeId }) => changeId)).toEqual([1]);
    expect([compared.judged.map(({ id }) => id), compared.stillOpen.map(({ id }) => id)]).toEqual([[31], [32]]);
  });

  it("lengths carry their changes, girths and lengths apart", () => {
    const lengths = [sampleLength({ id: "backRise", name: "Back rise", bodyMm: 372, cutMm: 340 })];
    const change = sampleCarried({ amountMm: -9 });
    expect(
      nextLengths(lengths, [sampleCarried({ ...change, on: "length", lengthId: "backRise" }), change])[0],
    ).toMatchObject({
      changedMm: -9,
      nowMm: 331,
    });
    const [waist] = frozenRings(sampleFrozen([{ ...change, on: "length", lengthId: "backRise" }]));
    expect(waist?.changedMm).toBe(0);
  });

  it("a signed-off one becomes a garment that fits, of what was measured only", () => {
    const own = { wearerId: 3, name: "Brief", measuredOn: "2026-11-01", notes: "" };
    expect(likedFromPrototype(first, own)).toMatchObject({
      clothId: 5,
      direction: "across",
      widthsMm: { waist: 330 },
      usable: null,
    });
    expect(likedFromPrototype(second, own)).toBeNull();
  });
});

it("seams take up their thickness: two plies of every layer each", () => {
  expect(expectedLossMm({ seams: 2, thicknessMm: 0.8 })).toBeCloseTo(3.2, 12);
  expect(layersThickness(samplePrototype(), () => 0.7)).toBeCloseTo(0.7, 12);
  expect(layersThickness(samplePrototype(), () => null)).toBeNull();
});
