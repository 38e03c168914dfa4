import { describe, expect, it } from "vitest";
import { readDiagonals, readEdgeLengths } from "./builtText.ts";

const message = (read: ReturnType<typeof readEdgeLengths> | ReturnType<typeof readDiagonals>) =>
  read.ok ? null : read.problem.message;

describe("lengths of a piece that are typed", () => {
  it("are edges one after the other and a line across a line", () => {
    expect(readEdgeLengths("210 95,5; 180\n90.25")).toEqual({ ok: true, value: [210, 95.5, 180, 90.25] });
    expect(readDiagonals("1-3 240\n\n 2–4: 238,5")).toEqual({
      ok: true,
      value: [
        { from: 1, to: 3, mm: 240 },
        { from: 2, to: 4, mm: 238.5 },
      ],
    });
  });

  it.each([
    ["210 wide 180", /such as 210 95 180 90, but got “wide”/],
    ["210 0 180", /got “0”/],
    ["210 -95", /got “-95”/],
  ])("that are none are named: %j", (text, said) => expect(message(readEdgeLengths(text))).toMatch(said));

  it.each([
    ["1-3", /^Line 1: expected two corners and a length/],
    ["1-3 240\n2 4 238", /^Line 2: .*got “2 4 238”/],
    ["1-3 -240", /^Line 1/],
  ])("across that are none are named with their line: %j", (text, said) =>
    expect(message(readDiagonals(text))).toMatch(said),
  );
});
