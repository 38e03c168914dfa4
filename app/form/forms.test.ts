import { describe, expect, it } from "vitest";
import { checksOf, spotsOf } from "../../core/fitting/index.ts";
import { sampleFinding, sampleLength, samplePrototype } from "../../core/testing/index.ts";
import { readCloth } from "../cloths/clothForm.server.ts";
import { readSwatchTest } from "../cloths/swatchForm.server.ts";
import { readDecision } from "../jobs/fitting/decisionForm.server.ts";
import { readFinding, readFitting } from "../jobs/fitting/fittingForm.server.ts";
import { readJudgement } from "../jobs/fitting/judgementForm.server.ts";
import { readCheck, readReading } from "../jobs/fitting/readingForm.server.ts";
import { readNewPrototype, readSewn } from "../jobs/prototype/prototypeForm.server.ts";
import { readSheet } from "../wearers/sheet-new/sheetForm.server.ts";
import { readWearer } from "../wearers/wearerForm.server.ts";
import { parseSmallLength, withItsUnit } from "./smallLength.ts";
import type { Fields } from "./unsaved.ts";

const TODAY = "2026-11-24";
const errorsOf = (read: { ok: boolean; errors?: unknown }) => (read.ok ? {} : read.errors);

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
      kind: 'Expected person or form (person, form), but got "ghost".',
    });
  });
});

describe("a sheet", () => {
  const head = { takenOn: TODAY, unit: "cm", tape: "snug" };

  it("keeps both units of one sheet, each as typed", () => {
    const sheet = readSheet({ ...head, "waist.single": "74,2", "hip.single": "39 3/4 in" }, TODAY);
    expect(sheet.ok && sheet.value.values).toEqual([
      { code: "waist", side: "single", text: "74,2", mm: 742 },
      { code: "hip", side: "single", text: "39 3/4 in", mm: 1009.65 },
    ]);
  });

  it("names every field that cannot be read", () => {
    const sheet = readSheet(
      { ...head, takenOn: "2027-01-01", "waist.single": "wide", "hip.single": "0", "leg_edge.left": "6000" },
      TODAY,
    );
    expect(Object.keys(errorsOf(sheet) ?? {})).toEqual(["waist.single", "hip.single", "leg_edge.left", "takenOn"]);
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
    const typed = { waist: "33.1", "leg:left": "10 1/2 in", hip: "", "length.backRise": "34.2" };
    const sewn = readSewn(typed, frozen, "cm");
    expect(sewn.ok && sewn.value.sewnLengths).toEqual([{ id: "backRise", sewnMm: 342, text: "34.2 cm" }]);
    expect(sewn.ok && sewn.value.sewn).toEqual([
      { zone: "waist", side: "single", sewnMm: 662, text: "33.1 cm" },
      { zone: "leg", side: "left", sewnMm: 533.4, text: "10 1/2 in" },
    ]);
    expect(Object.keys(errorsOf(readSewn({ waist: "x", hip: "0" }, frozen, "cm")) ?? {})).toEqual(["waist", "hip"]);
  });
});

describe("a fitting", () => {
  const seen = { kind: "loose", spot: "waist", side: "both", view: "back", x: "0.5", y: "0.4", amount: "24", note: "" };
  const zones = ["waist", "highHip", "hip", "leg"] as const;
  const spots = spotsOf(zones);

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

describe("a decision", () => {
  const base = { decision: "accepted", seams: "2", version: "0", unit: "cm" };
  const on = { finding: sampleFinding(), prototype: samplePrototype(), learned: {} };
  const decide = (own: Fields) => readDecision({ ...base, ...own }, on);
  const proposed = (-0.65 * 24 * 653) / 742;

  it("takes the proposal as it is computed, whatever the form says", () => {
    const decided = decide({ amount: "999", proposed: "5" });
    expect(decided.ok && decided.value.amountMm).toBeCloseTo(proposed, 9);
  });

  it("takes the share the workshop learnt, where it learnt one", () => {
    const decided = readDecision(base, { ...on, learned: { loose: { share: 0.8, n: 4 } } });
    expect(decided.ok && decided.value).toMatchObject({
      share: 0.8,
      amountMm: expect.closeTo((-0.8 * 24 * 653) / 742, 9),
    });
  });

  it("alters to an amount, with the share that comes to, or to a share", () => {
    const amount = decide({ decision: "altered", amount: "20" });
    expect(amount.ok && amount.value.amountMm).toBe(-20);
    expect(amount.ok && amount.value.share).toBeCloseTo((20 * 742) / 653 / 24, 9);
    const share = decide({ decision: "altered", share: "1" });
    expect(share.ok && share.value.amountMm).toBeCloseTo((-24 * 653) / 742, 9);
  });

  it("gives girth for a tight zone", () => {
    const tight = readDecision(
      { ...base, decision: "altered", amount: "9" },
      { ...on, finding: sampleFinding({ kind: "tight" }) },
    );
    expect(tight.ok && tight.value.amountMm).toBe(9);
  });

  it("refuses with a reason only", () => {
    expect(errorsOf(decide({ decision: "refused", reason: " " }))).toEqual({
      reason: "Expected the reason for refusing, but the field is empty.",
    });
    expect(decide({ decision: "refused", reason: "One leg only." })).toMatchObject({
      ok: true,
      value: { amountMm: null },
    });
  });

  it("puts it off to a sewing step, which must be named", () => {
    expect(Object.keys(errorsOf(decide({ decision: "waiting", waitsFor: "some day" })) ?? {})).toEqual(["waitsFor"]);
    expect(decide({ decision: "waiting", waitsFor: "neckline bound" })).toMatchObject({
      ok: true,
      value: { decision: "waiting", amountMm: null, waitsFor: "neckline bound" },
    });
  });

  it("takes another remedy than the first, with its own amount and place", () => {
    const sewn = samplePrototype({ sewn: [{ zone: "waist", side: "single", sewnMm: 640, text: "32 cm" }] });
    const tight = { ...on, finding: sampleFinding({ kind: "tight" }), prototype: sewn };
    expect(readDecision({ ...base, remedy: "to-school" }, tight)).toMatchObject({
      ok: true,
      value: { remedy: "to-school", on: "girth", amountMm: 13, seams: 2 },
    });
  });

  it("says what will be done in words where the remedy is no amount", () => {
    const popped = {
      ...on,
      finding: sampleFinding({ kind: "seam_popped", amountMm: null, detail: { thread: "needle" } }),
    };
    const word = (own: Fields) => readDecision({ ...base, decision: "altered", ...own }, popped);
    expect(Object.keys(errorsOf(word({})) ?? {})).toEqual(["reason"]);
    expect(word({ reason: "Shorter stitch." })).toMatchObject({
      ok: true,
      value: { on: "making", amountMm: null, line: "Shorter stitch." },
    });
  });

  it.each([
    [{ decision: "altered" }, "amount"],
    [{ decision: "altered", amount: "5", share: "0.5" }, "amount"],
    [{ decision: "altered", share: "3" }, "share"],
    [{ decision: "altered", share: "half" }, "share"],
    [{ seams: "1.5" }, "seams"],
    [{ decision: "maybe" }, "decision"],
  ])("puts the error of %o beside its field", (own: Fields, field) => {
    expect(Object.keys(errorsOf(decide(own)) ?? {})).toEqual([field]);
  });
});

describe("a judgement", () => {
  it("takes the verdict the numbers suggest, unless the maker has one", () => {
    expect(readJudgement({ left: "gone", verdict: "" }, 24)).toMatchObject({
      ok: true,
      value: { residualMm: 0, verdict: "cured" },
    });
    expect(readJudgement({ left: "over", residual: "9", verdict: "" }, 24)).toMatchObject({
      ok: true,
      value: { residualMm: -9, verdict: "overdone" },
    });
    expect(readJudgement({ left: "still", residual: "9", verdict: "unchanged" }, 24)).toMatchObject({
      ok: true,
      value: { verdict: "unchanged" },
    });
  });

  it("is in words only for what was not read in mm", () => {
    expect(Object.keys(errorsOf(readJudgement({ left: "seen", verdict: "" }, null)) ?? {})).toEqual(["verdict"]);
    expect(readJudgement({ left: "seen", verdict: "better" }, null)).toMatchObject({
      ok: true,
      value: { residualMm: null, verdict: "better" },
    });
    expect(Object.keys(errorsOf(readJudgement({ left: "seen", verdict: "better" }, 24)) ?? {})).toEqual(["left"]);
  });

  it("asks how much is left", () => {
    expect(Object.keys(errorsOf(readJudgement({ left: "still", residual: "", verdict: "" }, 24)) ?? {})).toEqual([
      "residual",
    ]);
  });
});
