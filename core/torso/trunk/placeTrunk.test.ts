import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { placeTrunkLength, type TrunkLoop } from "./trunkLoop.ts";

const BODY: TrunkLoop = { trunkLoop: 1545, frontWaist: 436, crotchFront: 318, crotchBack: 372, backWaist: 402 };
const PATTERN: TrunkLoop = { trunkLoop: 1440, frontWaist: 402, crotchFront: 304, crotchBack: 338, backWaist: 378 };
/** Nothing stretched: body is held against body. */
const NONE = { lengthStrain: 0, girthStrain: 0, contraction: 0, freedom: 0 };
const PARTS = ["frontWaist", "crotchFront", "crotchBack", "backWaist"] as const;

const placed = (school: "halves" | "segments", own: Partial<Parameters<typeof placeTrunkLength>[1]> = {}) =>
  placeTrunkLength(school, { body: BODY, pattern: PATTERN, stretch: NONE, ...own });

describe("a trunk that is too short", () => {
  it("by halves goes half into the front and half into the back", () => {
    expect(placed("halves")).toMatchObject({ deltaMm: 105, frontMm: 52.5, backMm: 52.5, byPart: null, act: true });
  });

  it("by segments gives each part what it lacks, and spreads what remains by body lengths", () => {
    const { byPart } = placed("segments");
    // The parts lack 106 of 105 mm: one is taken back over 1528 mm of body.
    for (const part of PARTS) {
      const own = (BODY[part] ?? 0) - (PATTERN[part] ?? 0);
      expect(byPart?.[part]).toBeCloseTo(own - (BODY[part] ?? 0) / 1528, 9);
    }
  });

  it("by segments without all the parts goes by halves, and names what is missing", () => {
    const { crotchBack: _left, ...body } = BODY;
    expect(placed("segments", { body })).toMatchObject({ school: "halves", missing: ["crotchBack"], byPart: null });
    expect(placed("segments", { pattern: { trunkLoop: 1440 } }).missing).toEqual([...PARTS]);
  });

  it("is cut for the stretch along it", () => {
    const { neededMm } = placed("halves", { stretch: { ...NONE, lengthStrain: 0.05 } });
    expect(neededMm).toBeCloseTo(1545 / 1.05, 9);
  });
});

describe("whatever the school", () => {
  const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
  const loop = fc
    .record({
      trunkLoop: mm(1200, 1900),
      frontWaist: mm(350, 550),
      crotchFront: mm(250, 420),
      crotchBack: mm(280, 480),
      backWaist: mm(330, 500),
    })
    .map((one) => one as TrunkLoop);

  it("all of the difference is placed, no more and no less, longer or shorter", () => {
    fc.assert(
      fc.property(loop, loop, fc.constantFrom("halves" as const, "segments" as const), (body, pattern, school) => {
        const { deltaMm, frontMm, backMm, byPart } = placed(school, { body, pattern });
        const parts = byPart ? PARTS.reduce((sum, part) => sum + byPart[part], 0) : deltaMm;
        return Math.abs(frontMm + backMm - deltaMm) < 1e-9 && Math.abs(parts - deltaMm) < 1e-9;
      }),
      { seed: 20261126 },
    );
  });

  it("a pattern that fits is left, and one a little off too", () => {
    expect(placed("halves", { pattern: BODY })).toMatchObject({ deltaMm: 0, act: false });
    expect(placed("halves", { pattern: { ...BODY, trunkLoop: 1535.1 } }).act).toBe(false);
    expect(placed("halves", { pattern: { ...BODY, trunkLoop: 1535 } }).act).toBe(true);
    expect(placed("halves", { pattern: { ...BODY, trunkLoop: 1535 }, leaveUnderMm: 15 }).act).toBe(false);
    expect(placed("halves", { pattern: { ...BODY, trunkLoop: 1600 } })).toMatchObject({ deltaMm: -55, act: true });
  });
});
