import { describe, expect, it } from "vitest";
import { movedWaist, part, sampleChange, WAISTS } from "../../testing/index.ts";
import { twice } from "./contradictions.ts";
import { lengthEffects, liesWithin } from "./lengthEffects.ts";

describe("the lengths a change moves", () => {
  it.each([
    ["the one it names", sampleChange({ on: "length", lengthId: "trunk", amountMm: 30 }), [["trunk", 30]]],
    [
      "each of its parts by its own",
      movedWaist(),
      [
        ["frontWaist", -48.3],
        ["backWaist", -25.6],
      ],
    ],
    [
      "only the parts that are lengths",
      movedWaist({ parts: [part("front", -8, 8), { ...part("back", -5, 5), lengthId: "" }] }),
      [["frontWaist", -8]],
    ],
    ["none for a girth", sampleChange(), []],
    ["none without an amount", sampleChange({ on: "length", lengthId: "trunk", amountMm: null }), []],
  ])("are %s", (_told, change, effects) => {
    expect(lengthEffects(change).map(({ lengthId, byMm }) => [lengthId, byMm])).toEqual(effects);
  });
});

describe("a length lies within another", () => {
  const [front, , trunk] = WAISTS;
  it.each([
    ["itself", "frontWaist", front, true],
    ["the whole that runs over it", "frontWaist", trunk, true],
    ["not the other way round", "trunk", front, false],
    ["not a length nobody knows", "sleeve", trunk, false],
  ] as const)("%s", (_told, id, length, within) => {
    if (!length) throw new Error("The sample bodice has three lengths.");
    expect(liesWithin(id, length, WAISTS)).toBe(within);
  });
});

describe("one thing taken twice", () => {
  const found = (...own: readonly Parameters<typeof sampleChange>[0][]) =>
    twice(
      own.map((one, index) => ({ change: sampleChange({ id: index + 1, ...one }), judgement: null })),
      WAISTS,
    );
  const back = { on: "length", lengthId: "backWaist", amountMm: -10 } as const;

  it.each([
    ["the same girth in the same direction", [{}, {}], [[1, 2]]],
    ["not the same girth in opposite ones", [{}, { amountMm: 9 }], []],
    ["not two girths", [{}, { zone: "hip", spot: "hip" }], []],
    ["not left and right", [{ side: "left" }, { side: "right" }], []],
    ["one side and both", [{ side: "left" }, { side: "both" }], [[1, 2]]],
    ["a length and the whole it lies within", [back, { ...back, lengthId: "trunk" }], [[1, 2]]],
    ["not two lengths beside one another", [back, { ...back, lengthId: "frontWaist" }], []],
    ["not what is cut already", [{ cutInto: 2 }, {}], []],
    [
      "each pair of three",
      [{}, {}, {}],
      [
        [1, 2],
        [1, 3],
        [2, 3],
      ],
    ],
  ] as const)("%s", (_told, changes, pairs) => {
    expect(found(...changes).map((one) => one.what === "twice" && one.changes)).toEqual(pairs);
  });

  it("is told with what both come to together", () => {
    expect(found({ amountMm: -8 }, { amountMm: -5 })).toMatchObject([{ place: "waist", togetherMm: -13 }]);
    expect(found(back, { ...back, lengthId: "trunk", amountMm: -4 })).toMatchObject([
      { place: "trunk", togetherMm: -14 },
    ]);
  });
});
