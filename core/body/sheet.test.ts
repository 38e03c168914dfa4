import { describe, expect, it } from "vitest";
import { measured, SAMPLE_SHEET } from "../testing/index.ts";
import { explainSnug } from "./explainSnug.ts";
import { ofItsDay, type Sheet, sheetBefore } from "./sheet.ts";
import { largerSide } from "./sheetValues.ts";
import { sheetWords } from "./sheetWords.ts";

const sheet = (id: number, takenOn: string): Sheet => ({ ...SAMPLE_SHEET, id, takenOn });
const SHEETS = [sheet(4, "2026-05-03"), sheet(2, "2026-05-03"), sheet(9, "2026-01-10"), sheet(3, "2026-11-02")];

describe("the sheet before another", () => {
  it.each([
    [9, null],
    [2, 9],
    [4, 2],
    [3, 4],
  ])("of sheet %i is %s, by day and then by the order they were taken", (id, before) => {
    const one = SHEETS.find((each) => each.id === id) as Sheet;
    expect(sheetBefore(one, SHEETS)?.id ?? null).toBe(before);
  });

  it("is counted within its day only where there are several", () => {
    expect(SHEETS.map((one) => ofItsDay(one, SHEETS))).toEqual([2, 1, null, null]);
  });
});

describe("the words for a sheet", () => {
  const words = (own: Partial<Sheet>) => sheetWords({ ...SAMPLE_SHEET, takenOn: "2026-05-03", ...own }, 12);

  it("name its day", () => expect(words({})).toBe("sheet of 3 May 2026"));

  it("tell what was taken off all of its girths", () => {
    expect(words({ tape: "finger" })).toBe("sheet of 3 May 2026, its girths less 12 mm for the finger under the tape");
  });

  it("tell what was taken off some of them", () => {
    const values = [measured("waist", 742), { ...measured("hip", 1008), tape: "finger" as const }];
    expect(words({ values })).toMatch(/, 12 mm off the girths taken with a finger/);
  });
});

describe("a girth taped over a finger", () => {
  const explained = (code: "hip" | "crotch_front", tape: "snug" | "finger", own?: "snug" | "finger") =>
    explainSnug({ ...measured(code, 1000), ...(own ? { tape: own } : {}) }, { tape, takenOn: "2026-05-03" }, 12);

  it.each([
    ["a finger sheet", explained("hip", "finger"), 988],
    ["a snug sheet", explained("hip", "snug"), null],
    ["a length", explained("crotch_front", "finger"), null],
    ["a finger for this one only", explained("hip", "snug", "finger"), 988],
    ["a snug one on a finger sheet", explained("hip", "finger", "snug"), null],
  ])("%s", (_told, explanation, mm) => {
    expect(explanation?.result?.value ?? null).toBe(mm);
  });
});

it("makes room for the larger side, and of two alike for the left", () => {
  const sides = (left: number, right: number) =>
    largerSide([measured("thigh", left, "left"), measured("thigh", right, "right")], "thigh");
  expect(sides(590, 602)).toMatchObject({ larger: { side: "right" }, smaller: { side: "left" } });
  expect(sides(602, 590)).toMatchObject({ larger: { side: "left" }, smaller: { side: "right" } });
  expect(sides(600, 600)?.larger.side).toBe("left");
  expect(largerSide([measured("thigh", 600, "left")], "thigh")).toBeUndefined();
});
