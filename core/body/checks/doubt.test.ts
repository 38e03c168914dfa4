import { describe, expect, it } from "vitest";
import { measured, measuredAll } from "../../testing/index.ts";
import { doubtsAbout, movedBy } from "./doubt.ts";

const LAST = { bust: 940, waist: 760, hip: 1000 } as const;
const why = (now: object, earlier: object = {}) =>
  doubtsAbout(measuredAll({ ...LAST, ...now }), measuredAll(earlier)).map(({ why, suspects }) => [
    why,
    suspects.map(({ code }) => code),
  ]);

describe("a value is doubted", () => {
  it.each([
    ["of a usual body: nothing", {}, []],
    ["out of range, alone", { neck: 900 }, [["range", ["neck"]]]],
    [
      "out of proportion, with its neighbour",
      { waist: 540 },
      [
        ["ratio", ["waist", "bust"]],
        ["ratio", ["hip", "waist"]],
      ],
    ],
    ["in an unusual order, with the other", { high_hip: 1045 }, [["order", ["high_hip", "hip"]]]],
  ])("%s", (_told, now, doubts) => {
    expect(why(now)).toEqual(doubts);
  });
});

describe("against the last sheet", () => {
  it.each([
    ["more than 8 % away while the neighbours stayed", { waist: 830 }, [["moved", ["waist"]]]],
    ["8 % away is let pass", { waist: 820.8 }, []],
    ["is let pass where a neighbour moved as well", { waist: 830, hip: 1041 }, []],
    ["is let pass where both neighbours moved", { waist: 830, hip: 1060, bust: 990 }, []],
  ])("%s", (_told, now, doubts) => {
    expect(why(now, LAST)).toEqual(doubts);
  });

  it("has no neighbours to hold it against where none was taken then", () => {
    expect(doubtsAbout(measuredAll({ hip: 1150 }), measuredAll({ hip: 1000 }))).toEqual([]);
  });

  it("is doubted there only where it leapt: digits turned", () => {
    expect(doubtsAbout(measuredAll({ hip: 1610 }), measuredAll({ hip: 1160 })).map(({ why: by }) => by)).toEqual([
      "moved",
    ]);
  });

  it("of a side is held against the other side", () => {
    const thighs = (left: number, right: number) => [
      measured("thigh", left, "left"),
      measured("thigh", right, "right"),
    ];
    const doubts = doubtsAbout(thighs(660, 600), thighs(600, 600));
    expect(doubts.map(({ suspects }) => suspects[0]?.side)).toEqual(["left"]);
  });

  it("is told as a part of what it was", () => {
    expect(movedBy(measured("hip", 1080), measuredAll({ hip: 1000 }))).toBeCloseTo(0.08, 12);
    expect(movedBy(measured("hip", 1080), [])).toBeNull();
  });
});
