import { describe, expect, it } from "vitest";
import { sampleFinding, samplePrototype } from "../../../core/testing/index.ts";
import { errorsOf } from "../../form/errorsOf.ts";
import type { Fields } from "../../form/unsaved.ts";
import { readDecision } from "./decisionForm.server.ts";
import { readJudgement } from "./judgementForm.server.ts";

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
