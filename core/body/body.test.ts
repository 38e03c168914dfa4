import { describe, expect, it } from "vitest";
import { CATALOGUE, GROUP_NAMES, placesOf, sidesOf } from "./catalogue/index.ts";
import { checkSheet } from "./checks/index.ts";
import { staleDays } from "./checks/stale.ts";
import { compareSheets } from "./compareSheets.ts";
import type { MeasureCode, Side } from "./measure.ts";
import { missingMeasures } from "./missing.ts";
import { type MeasuredValue, spreadOf, valueFromTakes } from "./sheetValues.ts";

const value = (code: MeasureCode, mm: number, side: Side = "single"): MeasuredValue =>
  valueFromTakes({ code, side }, [{ text: String(mm / 10), mm }]);
const found = (values: readonly MeasuredValue[], selfMeasured = false) =>
  checkSheet({ values, unit: "cm", selfMeasured });

describe("the catalogue", () => {
  it("tells of each measure how it is taken, and a range that can be", () => {
    for (const measure of CATALOGUE) {
      expect(measure.how.length, measure.code).toBeGreaterThan(0);
      expect(measure.landmarks, measure.code).toMatch(/\.$/);
      expect(measure.rangeMm[0], measure.code).toBeLessThan(measure.rangeMm[1]);
      expect(GROUP_NAMES[measure.group], measure.code).toBeTruthy();
    }
  });

  it("names each measure once", () => {
    expect(new Set(CATALOGUE.map(({ name }) => name)).size).toBe(CATALOGUE.length);
  });

  it("keeps left and right apart for legs, arms and the breast", () => {
    const sided = CATALOGUE.filter((measure) => sidesOf(measure).length === 2).map(({ code }) => code);
    expect(sided).toEqual([
      "upper_arm",
      "leg_edge",
      "thigh",
      "shoulder_to_apex",
      "root_width",
      "root_height",
      "wire_line",
      "projection",
      "lower_cup",
      "upper_cup",
      "cross_cup",
    ]);
  });

  it("is gone through standing before seated", () => {
    expect(CATALOGUE.slice(-3).map(({ group }) => group)).toEqual(["seated", "seated", "seated"]);
  });
});

describe("takes", () => {
  const takes = (...mm: number[]) =>
    valueFromTakes(
      { code: "hip", side: "single" },
      mm.map((length) => ({ text: `${length} mm`, mm: length })),
    );

  it("give the median, of two the mean", () => {
    expect([takes(1008).mm, takes(1008, 1012).mm, takes(1030, 1008, 1012).mm]).toEqual([1008, 1010, 1012]);
    expect(spreadOf(takes(1030, 1008, 1012))).toBe(22);
  });

  it("further apart than 10 mm ask for another; of a short measure 5 mm", () => {
    expect(found([takes(1000, 1010)])).toEqual([]);
    expect(found([takes(1000, 1011)])[0]).toMatchObject({ ruleId: "body.spread", lengths: { spread: 11 } });
    const short = valueFromTakes({ code: "waist_to_hip", side: "single" }, [
      { text: "20", mm: 200 },
      { text: "20.6", mm: 206 },
    ]);
    expect(found([short])[0]).toMatchObject({ ruleId: "body.spread", template: expect.stringMatching(/once more/) });
  });
});

describe("the trunk loop", () => {
  const parts = [
    value("front_waist", 436),
    value("crotch_front", 318),
    value("crotch_back", 372),
    value("back_waist", 402),
  ];

  it("is let pass within 4 % of its parts, and asked about beyond", () => {
    expect(found([...parts, value("trunk_loop", 1545)])).toEqual([]);
    expect(found([...parts, value("trunk_loop", 1450)]).map(({ ruleId }) => ruleId)).toEqual([
      "body.slip",
      "body.loop",
    ]);
  });

  it("waits for all five measures", () => {
    expect(found([...parts.slice(1), value("trunk_loop", 1450)])).toEqual([]);
  });
});

it("holds the breast to 5 mm between left and right", () => {
  const sides = found([value("root_width", 136, "left"), value("root_width", 142, "right")]);
  expect(sides).toMatchObject([{ ruleId: "body.sides", side: "right" }]);
});

it("marks what needs a helper on a self-measured sheet only", () => {
  const values = [value("trunk_loop", 1545), value("hip", 1008)];
  expect(found(values)).toEqual([]);
  expect(found(values, true).map(({ ruleId, code }) => `${ruleId} ${code}`)).toEqual(["body.helper trunk_loop"]);
});

describe("an old sheet", () => {
  it.each([
    ["2026-08-26", "2026-11-24", null],
    ["2026-08-25", "2026-11-24", 91],
    ["2024-02-28", "2024-06-01", 94],
    ["2025-12-31", "2026-01-01", null],
  ])("taken %s is, on %s, stale by days: %s", (takenOn, today, days) => {
    expect(staleDays(takenOn, today)).toBe(days);
  });
});

it("lays two sheets side by side in measuring order", () => {
  const compared = compareSheets([value("hip", 1015), value("waist", 755)], [value("waist", 742), value("bust", 922)]);
  expect(compared).toEqual([
    { code: "bust", side: "single", beforeMm: null, afterMm: 922, changeMm: null },
    { code: "waist", side: "single", beforeMm: 755, afterMm: 742, changeMm: -13 },
    { code: "hip", side: "single", beforeMm: 1015, afterMm: null, changeMm: null },
  ]);
});

it("lists what is missing side by side", () => {
  expect(missingMeasures(["leg_edge", "waist"], [value("leg_edge", 600, "left")])).toEqual([
    { code: "waist", side: "single" },
    { code: "leg_edge", side: "right" },
  ]);
  expect(placesOf(["crotch_depth", "neck"]).map(({ code }) => code)).toEqual(["neck", "crotch_depth"]);
});
