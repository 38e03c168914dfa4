import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { girthAtHeight } from "./edgeByHeight.ts";

const LEVELS = [
  { belowWaistMm: 0, girthMm: 742 },
  { belowWaistMm: 100, girthMm: 905 },
  { belowWaistMm: 205, girthMm: 1008 },
];

describe("the girth at a height", () => {
  it.each([
    [0, 742],
    [50, 823.5],
    [100, 905],
    [152.5, 956.5],
    [205, 1008],
  ])("%d mm below the waist is %d: straight between the levels", (belowMm, girthMm) => {
    expect(girthAtHeight(LEVELS, belowMm)).toEqual({ ok: true, value: expect.closeTo(girthMm, 9) });
  });

  it.each([-1, 206])("%d mm below the waist is not known, and that is said with what is", (belowMm) => {
    expect(girthAtHeight(LEVELS, belowMm)).toMatchObject({
      ok: false,
      problem: { code: "height-outside", message: expect.stringMatching(/0 to 205 mm below the waist/) },
    });
  });

  it("never leaves what its two levels span", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 205, noNaN: true }), (belowMm) => {
        const girth = girthAtHeight(LEVELS, belowMm);
        return girth.ok && girth.value >= 742 && girth.value <= 1008;
      }),
      { seed: 20261126 },
    );
  });

  it("of no level, or of one elsewhere, is not known", () => {
    expect(girthAtHeight([], 10).ok).toBe(false);
    expect(girthAtHeight([{ belowWaistMm: 0, girthMm: 742 }], 10).ok).toBe(false);
    expect(girthAtHeight([{ belowWaistMm: 10, girthMm: 742 }], 10)).toEqual({ ok: true, value: 742 });
  });
});
