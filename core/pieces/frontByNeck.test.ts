import { describe, expect, it } from "vitest";
import { CLOSED, sampleBody } from "../testing/index.ts";
import { frontByNeck } from "./frontByNeck.ts";

const even = (mm: number) => ({ front: mm, side: mm, back: mm });
const over = {
  ...CLOSED,
  levels: [
    { level: "bust", name: "Bust", bodyMm: 960, closedMm: 960, patternMm: 910 },
    { level: "underbust", name: "Underbust", bodyMm: 850, closedMm: 838, patternMm: 788 },
    { level: "waist", name: "Waist", bodyMm: 800, closedMm: 760, patternMm: 710 },
  ],
  heights: { underbust: even(90), waist: even(130) },
};
const body = (neck: number, deep: number) => sampleBody({ front_neck_to_waist: neck, neck_to_front_edge: deep });

describe("the centre front by how deep the neckline may go", () => {
  it("ends as far above the bust as is left of the way from the neck base", () => {
    const { aboveMm, numbers } = frontByNeck(over, body(380, 120));
    expect(aboveMm).toBe(380 - 120 - 220);
    expect(numbers.map(({ id }) => id)).toEqual(["aboveFront"]);
  });

  it("is named where no upper edge lies there", () => {
    expect(frontByNeck(over, body(380, 170))).toMatchObject({
      aboveMm: null,
      notes: [/end 10 mm below the fullest bust/].map((match) => expect.stringMatching(match)),
    });
  });

  it("is told to be the usual one where it was not measured, and says nothing of a garment below the bust", () => {
    expect(frontByNeck(over, sampleBody({ front_neck_to_waist: 380 }))).toEqual({
      aboveMm: null,
      numbers: [],
      notes: [expect.stringMatching(/was not measured: the centre front ends where it usually does/)],
    });
    expect(frontByNeck({ ...over, levels: over.levels.slice(1) }, sampleBody({})).notes).toEqual([]);
    expect(frontByNeck({ ...over, levels: over.levels.slice(1) }, body(380, 120)).aboveMm).toBeNull();
  });
});
