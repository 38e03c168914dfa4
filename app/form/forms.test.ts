import { describe, expect, it } from "vitest";
import { parseSmallLength, withItsUnit } from "../../core/units/index.ts";
import { readCloth } from "../cloths/clothForm.server.ts";
import { readSwatchTest } from "../cloths/swatchForm.server.ts";
import { readSheet } from "../wearers/sheet-new/sheetForm.server.ts";
import { readWearer } from "../wearers/wearerForm.server.ts";
import { errorsOf } from "./errorsOf.ts";
import type { Fields } from "./unsaved.ts";

const TODAY = "2026-11-24";

describe("small lengths", () => {
  it.each([
    ["24", "cm", 24],
    ["2.4 cm", "cm", 24],
    ["15/16", "in", 23.8125],
    ["24 mm", "in", 24],
  ] as const)("reads %s beside %s as %f mm", (text, unit, mm) => {
    const parsed = parseSmallLength(text, unit, 500);
    expect(parsed.ok && parsed.value).toBeCloseTo(mm, 9);
  });

  it.each(["", "0", "-3", "501", "wide"])("refuses “%s” with an example", (text) => {
    const parsed = parseSmallLength(text, "cm", 500);
    expect(parsed.ok ? "" : parsed.problem.message).toMatch(/^Expected an amount/);
  });

  it("puts the unit behind a bare number only", () => {
    expect([withItsUnit("32.8", "cm"), withItsUnit(" 13 in", "cm")]).toEqual(["32.8 cm", "13 in"]);
  });
});

describe("a wearer and a cloth", () => {
  it("need a name", () => {
    expect(errorsOf(readWearer({ name: "  ", kind: "person" }))).toEqual({
      name: "Expected a name, but the field is empty.",
    });
    expect(errorsOf(readCloth({ kind: "knit" }))).toEqual({ name: "Expected a name, but the field is empty." });
  });

  it("refuse a text too long and a kind unknown", () => {
    const errors = errorsOf(readWearer({ name: "x".repeat(121), kind: "ghost" }));
    expect(errors).toEqual({
      name: "Expected at most 120 characters, but there are 121.",
      kind: "Expected person or form (person, form), but got “ghost”.",
    });
  });
});

describe("a sheet", () => {
  const head = { takenOn: TODAY, unit: "cm", tape: "snug" };

  it("keeps both units of one sheet, each as typed", () => {
    const sheet = readSheet(
      { ...head, "measure.waist.single.take1": "74,2", "measure.hip.single.take1": "39 3/4 in" },
      TODAY,
    );
    expect(sheet.ok && sheet.value.values).toEqual([
      { code: "waist", side: "single", text: "74,2", mm: 742 },
      { code: "hip", side: "single", text: "39 3/4 in", mm: 1009.65 },
    ]);
  });

  it("names every field that cannot be read", () => {
    const sheet = readSheet(
      {
        ...head,
        takenOn: "2027-01-01",
        "measure.waist.single.take1": "wide",
        "measure.hip.single.take1": "0",
        "measure.leg_edge.left.take1": "6000",
      },
      TODAY,
    );
    expect(Object.keys(errorsOf(sheet) ?? {})).toEqual([
      "takenOn",
      "measure.waist.single.take1",
      "measure.hip.single.take1",
      "measure.leg_edge.left.take1",
    ]);
  });

  it("asks for at least one measure", () => {
    expect(errorsOf(readSheet(head, TODAY))).toEqual({
      form: "Expected at least one measure, but all fields are empty.",
    });
  });
});

describe("a hand test", () => {
  const fields = { direction: "across", testedOn: TODAY, gauge: "100", stretched: "162", after: "104" };

  it("reads bare numbers in millimetres", () => {
    expect(readSwatchTest(fields, 5, TODAY)).toMatchObject({
      ok: true,
      value: { hand: { gaugeMm: 100, stretchedMm: 162, afterMm: 104 }, ladder: null, state: "new" },
    });
  });

  it("leaves the length after 60 s out", () => {
    expect(readSwatchTest({ ...fields, after: "" }, 5, TODAY)).toMatchObject({
      ok: true,
      value: { hand: { afterMm: null } },
    });
  });

  it.each([
    [{ stretched: "90" }, "stretched"],
    [{ after: "170" }, "after"],
    [{ gauge: "1 m 2" }, "gauge"],
    [{ gauge: "" }, "gauge"],
    [{ direction: "up" }, "direction"],
  ])("puts the error of %o beside its field", (own: Fields, field) => {
    expect(Object.keys(errorsOf(readSwatchTest({ ...fields, ...own }, 5, TODAY)) ?? {})).toEqual([field]);
  });
});
