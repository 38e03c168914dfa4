import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { TRUNK_PARTS } from "../../body/index.ts";
import { placeTrunkLength } from "./trunkLoop.ts";

const flat = { lengthStrain: 0, girthStrain: 0, contraction: 0, freedom: 0.5 };
const body = { frontWaist: 430, crotchFront: 320, crotchBack: 370, backWaist: 400, trunkLoop: 1545 };
const pattern = { frontWaist: 420, crotchFront: 320, crotchBack: 350, backWaist: 400, trunkLoop: 1500 };

describe("placing the length of a trunk", () => {
  it("by halves: 45 mm are 22.5 in front and behind", () => {
    expect(placeTrunkLength("halves", { body, pattern, stretch: flat })).toMatchObject({
      deltaMm: 45,
      act: true,
      frontMm: 22.5,
      backMm: 22.5,
      byPart: null,
    });
  });

  it("by segments, by hand: 10 and 20 where they lack, the other 15 in proportion", () => {
    const { byPart, frontMm, backMm } = placeTrunkLength("segments", { body, pattern, stretch: flat });
    const whole = 430 + 320 + 370 + 400;
    expect(byPart?.frontWaist).toBeCloseTo(10 + (15 * 430) / whole, 9);
    expect(byPart?.crotchBack).toBeCloseTo(20 + (15 * 370) / whole, 9);
    expect(frontMm + backMm).toBeCloseTo(45, 9);
  });

  it("by segments always adds up to the difference, longer or shorter", () => {
    const mm = fc.double({ min: 250, max: 550, noNaN: true });
    const loop = fc
      .tuple(mm, mm, mm, mm, fc.double({ min: 1200, max: 1800, noNaN: true }))
      .map(([a, b, c, d, whole]) => ({
        frontWaist: a,
        crotchFront: b,
        crotchBack: c,
        backWaist: d,
        trunkLoop: whole,
      }));
    fc.assert(
      fc.property(loop, loop, (one, other) => {
        const stretch = { lengthStrain: 0.05, girthStrain: 0.2, contraction: 0.3, freedom: 0.5 };
        const placed = placeTrunkLength("segments", { body: one, pattern: other, stretch });
        const sum = TRUNK_PARTS.reduce((total, part) => total + (placed.byPart?.[part] ?? 0), 0);
        return Math.abs(sum - placed.deltaMm) < 1e-6;
      }),
      { seed: 20261125 },
    );
  });

  it("falls back to halves where a part is missing on either side, and names it", () => {
    const { frontWaist: _body, ...lacking } = body;
    const { backWaist: _pattern, ...short } = pattern;
    expect(placeTrunkLength("segments", { body: lacking, pattern: short, stretch: flat })).toMatchObject({
      school: "halves",
      missing: ["frontWaist", "backWaist"],
    });
  });

  it("leaves under 10 mm, and not 10", () => {
    const act = (trunkLoop: number) =>
      placeTrunkLength("halves", { body: { trunkLoop }, pattern: { trunkLoop: 1500 }, stretch: flat }).act;
    expect([act(1509.9), act(1510), act(1490), act(1490.1)]).toEqual([false, true, true, false]);
  });
});
