import { describe, expect, it } from "vitest";
import { styleOf } from "../../../core/ease/index.ts";
import { checksOf, spotsOf } from "../../../core/fitting/index.ts";
import { sampleLength, samplePrototype } from "../../../core/testing/index.ts";
import { errorsOf } from "../../form/errorsOf.ts";
import type { Fields } from "../../form/unsaved.ts";
import { readNewPrototype, readSewn } from "../prototype/prototypeForm.server.ts";
import { readFinding, readFitting } from "./fittingForm.server.ts";
import { readCheck, readReading } from "./readingForm.server.ts";

const TODAY = "2026-11-24";

describe("a prototype", () => {
  it("is started as one of the kinds, not in the future", () => {
    expect(readNewPrototype({ kind: "sewn", startedOn: TODAY, number: "2" }, TODAY)).toMatchObject({
      ok: true,
      value: { number: 2 },
    });
    expect(
      Object.keys(errorsOf(readNewPrototype({ kind: "knitted", startedOn: "2027-01-01", number: "2" }, TODAY)) ?? {}),
    ).toEqual(["kind", "startedOn"]);
  });

  it("is measured flat: the girth is twice the width, the text keeps its unit", () => {
    const frozen = {
      ...samplePrototype().frozen,
      lengths: [sampleLength({ id: "backRise", name: "Back rise", bodyMm: 372, cutMm: 340 })],
    };
    const typed = { "ring.waist": "33.1", "ring.leg:left": "10 1/2 in", "ring.hip": "", "length.backRise": "34.2" };
    const sewn = readSewn(typed, frozen, { rings: {}, lengths: {} });
    expect(sewn.ok && sewn.value.sewnLengths).toEqual([{ id: "backRise", sewnMm: 342, text: "34.2 cm" }]);
    expect(sewn.ok && sewn.value.sewn).toEqual([
      { zone: "waist", side: "single", sewnMm: 662, text: "33.1 cm" },
      { zone: "leg", side: "left", sewnMm: 533.4, text: "10 1/2 in" },
    ]);
    expect(
      Object.keys(errorsOf(readSewn({ "ring.waist": "x", "ring.hip": "0" }, frozen, { rings: {}, lengths: {} })) ?? {}),
    ).toEqual(["ring.waist", "ring.hip"]);
  });
});

describe("a fitting", () => {
  const seen = { kind: "loose", spot: "waist", side: "both", view: "back", x: "0.5", y: "0.4", amount: "24", note: "" };
  const { zones } = styleOf("brief");
  const spots = spotsOf(styleOf("brief"));

  it("has a day and somebody who wore it", () => {
    expect(readFitting({ fittedOn: TODAY, on: "wearer", way: "insideOut" }, TODAY).ok).toBe(true);
    expect(Object.keys(errorsOf(readFitting({ fittedOn: "", on: "cat" }, TODAY)) ?? {}).toSorted()).toEqual([
      "fittedOn",
      "on",
      "way",
    ]);
  });

  it("counts the depth of a fold twice, where the kind knows folds", () => {
    expect(readFinding({ ...seen, folded: "yes" }, spots)).toMatchObject({
      ok: true,
      value: { amountMm: 48, amountText: "24 mm", folded: true },
    });
    expect(readFinding({ ...seen, kind: "tight", folded: "yes" }, spots)).toMatchObject({
      ok: true,
      value: { amountMm: 24, folded: false },
    });
  });

  it.each([
    [{ amount: "" }, "amount"],
    [{ amount: "a lot" }, "amount"],
    [{ spot: "bust" }, "spot"],
    [{ kind: "gone" }, "kind"],
    [{ kind: "rides", spot: "hip" }, "kind"],
    [{ kind: "digs", spot: "leg" }, "detail.mark"],
    [{ kind: "shifted_line", "detail.way": "sideways" }, "detail.way"],
    [{ kind: "tight", "detail.allowance": "much" }, "detail.allowance"],
    [{ side: "top" }, "side"],
  ])("puts the error of %o beside its field", (own: Fields, field) => {
    expect(Object.keys(errorsOf(readFinding({ ...seen, ...own }, spots)) ?? {})).toContain(field);
  });

  it("reads a check of the style's list and no other", () => {
    const checks = checksOf("brief");
    expect(readCheck({ check: "squat", outcome: "fail", note: " rolls " }, checks)).toEqual({
      ok: true,
      value: { check: "squat", outcome: "fail", note: "rolls" },
    });
    expect(Object.keys(errorsOf(readCheck({ check: "stroke", outcome: "pass" }, checks)) ?? {})).toEqual(["check"]);
  });

  it("reads how far an edge lifts, and the elastics that run into a closure", () => {
    expect(readReading({ zone: "waist", kind: "liftBy", lift: "18", force: "" }, zones)).toMatchObject({
      ok: true,
      value: { kind: "lift", liftMm: 18, newtons: null },
    });
    const closure = { zone: "waist", kind: "closure", force: "4", height: "70" };
    expect(readReading({ ...closure, elastics: "1,5" }, zones)).toMatchObject({ ok: true, value: { elasticsN: 1.5 } });
    expect(Object.keys(errorsOf(readReading({ ...closure, elastics: "some" }, zones)) ?? {})).toEqual(["elastics"]);
  });

  it("reads a lift without a height and a closure pull with one", () => {
    expect(readReading({ zone: "waist", kind: "lift", force: "430 g", height: "70" }, zones)).toMatchObject({
      ok: true,
      value: { heightMm: null },
    });
    expect(readReading({ zone: "waist", kind: "closure", force: "4", height: "70" }, zones)).toMatchObject({
      ok: true,
      value: { heightMm: 70 },
    });
    expect(errorsOf(readReading({ zone: "waist", kind: "closure", force: "0", height: "" }, zones))).toMatchObject({
      force: expect.stringMatching(/above 0/),
      height: expect.stringMatching(/empty/),
    });
  });
});
