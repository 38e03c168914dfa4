import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { wireFit } from "./wireFit.ts";

const WIRE = { channelMm: 262, foldTopMm: 8, foldBridgeMm: 6, wireMm: 238, tipDistanceMm: 138, springMm: 6 };
const fitted = (own: Partial<typeof WIRE>) => wireFit({ ...WIRE, ...own });

describe("a wire in its channel", () => {
  it.each([
    ["with ten millimetres to move in, is right", { wireMm: 238 }, 10, 0, false],
    ["with less, raises the channel by what lacks", { wireMm: 239.5 }, 8.5, 1.5, false],
    ["longer than its channel, by all of it", { wireMm: 250 }, -2, 12, false],
    ["with 25 mm free, is still long enough", { wireMm: 223 }, 25, 0, false],
    ["with more, is too short", { wireMm: 222.9 }, 25.1, 0, true],
  ])("%s", (_told, own, freeMm, raiseMm, tooShort) => {
    expect(fitted(own)).toMatchObject({
      freeMm: expect.closeTo(freeMm, 9),
      raiseMm: expect.closeTo(raiseMm, 9),
      tooShort,
    });
  });

  it("loses what either edge finish takes", () => {
    expect(fitted({ foldTopMm: 0 }).freeMm - fitted({}).freeMm).toBe(8);
    expect(fitted({ foldBridgeMm: 0 }).freeMm - fitted({}).freeMm).toBe(6);
  });

  it("springs open at its tips, and keeps its length", () => {
    expect(fitted({ springMm: 9 })).toMatchObject({ draftTipDistanceMm: 147, freeMm: fitted({}).freeMm });
  });

  it("raised by what it says has just the room it wants", () => {
    fc.assert(
      fc.property(fc.double({ min: 200, max: 320, noNaN: true }), (wireMm) => {
        const { raiseMm } = fitted({ wireMm });
        const { freeMm } = fitted({ wireMm, channelMm: WIRE.channelMm + raiseMm });
        return raiseMm === 0 ? freeMm >= 10 - 1e-9 : Math.abs(freeMm - 10) < 1e-9;
      }),
      { seed: 20261126 },
    );
  });
});
