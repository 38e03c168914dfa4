import { describe, expect, it } from "vitest";
import { sampleBody } from "../../testing/index.ts";
import { reckonCup } from "./reckonCup.ts";
import { NEW_CUP } from "./working.ts";

const EQUAL = {
  root_width: [140, 140],
  root_height: [120, 120],
  projection: [90, 90],
  wire_line: [250, 250],
  lower_cup: [108, 108],
  upper_cup: [120, 120],
  cross_cup: [240, 240],
} as const;

const unequal = (own: Partial<Record<keyof typeof EQUAL, readonly [number, number]>>) =>
  reckonCup(NEW_CUP, { body: sampleBody({ ...EQUAL, ...own }), elsewhere: {} } as never).asymmetry;

describe("two sides", () => {
  it.each([
    ["alike", {}, false],
    ["8 % apart in volume", { projection: [100, 92] as const, root_height: [120, 120] as const }, true],
    ["8 % apart in volume, no measure by more than 5 mm", { projection: [62.5, 57.5] as const }, false],
    ["a hair more", { projection: [62.5, 57.49] as const }, true],
    ["5 mm apart in one measure", { wire_line: [250, 245] as const }, false],
    ["more than 5 mm apart in one measure", { wire_line: [250, 244.9] as const }, true],
  ])("%s: cut apart %s", (_told, own, acts) => {
    expect(unequal(own)?.acts).toBe(acts);
  });

  it("are counted against the larger one, whichever it is", () => {
    const left = unequal({ projection: [100, 80] });
    const right = unequal({ projection: [80, 100] });
    expect(left).toMatchObject({ larger: "left", padMm: 20, volume: expect.closeTo(0.2, 12) });
    expect(right).toMatchObject({ larger: "right", padMm: 20, volume: expect.closeTo(0.2, 12) });
    expect(left?.padCm3).toBeCloseTo(right?.padCm3 ?? Number.NaN, 9);
  });

  it("tell each measure that differs, left less right", () => {
    expect(unequal({ cross_cup: [240, 252], lower_cup: [115, 108] })?.measures).toEqual([
      { code: "lower_cup", byMm: 7 },
      { code: "cross_cup", byMm: -12 },
    ]);
  });
});
