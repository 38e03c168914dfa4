import { describe, expect, it } from "vitest";
import { evaluate, SAMPLE_TEST, sampleHandTest } from "../testing/index.ts";
import { type SwatchTest, stateWords } from "./cloth.ts";
import { countingTest } from "./countingTest.ts";
import { adviseChoice } from "./directionChoice.ts";
import { evaluateTest } from "./evaluateTest.ts";
import { explainContraction, explainLayupTension, explainStepStrain, explainStepTension } from "./explainLadder.ts";
import { explainGrowth, explainRecovery, explainUsable } from "./explainTest.ts";
import type { LoadLadder } from "./loadLadder.ts";
import { SHIPPED_CLOTH_SETTINGS } from "./settings.ts";
import { cutForShrinkage } from "./shrinkage.ts";
import { summariseTests } from "./summary.ts";

const ladder: LoadLadder = {
  form: "strip",
  widthMm: 50,
  gaugeMm: 100,
  steps: [
    { forceN: 2, lengthMm: 130, phase: "load", cycle: 1 },
    { forceN: 6, lengthMm: 150, phase: "load", cycle: 1 },
  ],
  afterMm: 106,
  after30MinMm: null,
  neckIn: null,
};

const across: SwatchTest = { ...sampleHandTest({ stretchedMm: 140, afterMm: 108 }), look: "wide" };
const along: SwatchTest = { ...sampleHandTest({ stretchedMm: 160, afterMm: 102 }), id: 12, direction: "along" };

describe("a test of hand and ladder", () => {
  it("counts the smaller stretch, and the ladder's own recovery", () => {
    const both = evaluateTest(
      { hand: { gaugeMm: 100, stretchedMm: 190, afterMm: 101 }, ladder },
      "knit",
      SHIPPED_CLOTH_SETTINGS,
    );
    expect(both.ok && both.value).toMatchObject({
      basis: "reference",
      handUsable: expect.closeTo(0.9, 9),
      recovery: expect.closeTo(0.88, 9),
      willBag: false,
    });
  });

  it("takes the hand's recovery where the ladder has none", () => {
    const both = evaluateTest(
      { hand: { gaugeMm: 100, stretchedMm: 140, afterMm: 110 }, ladder: { ...ladder, afterMm: null } },
      "knit",
      SHIPPED_CLOTH_SETTINGS,
    );
    expect(both.ok && both.value).toMatchObject({ basis: "hand", recovery: 0.75, willBag: true });
  });

  it("judges after half an hour by 90 %", () => {
    const bags = (after30MinMm: number) => {
      const result = evaluateTest({ hand: null, ladder: { ...ladder, after30MinMm } }, "knit", SHIPPED_CLOTH_SETTINGS);
      return result.ok && result.value.willBag;
    };
    expect([bags(105), bags(105.1)]).toEqual([false, true]);
  });

  it("holds nets to three times the tension of knits", () => {
    const knit = evaluateTest({ hand: null, ladder }, "knit", SHIPPED_CLOTH_SETTINGS);
    const net = evaluateTest({ hand: null, ladder }, "net", SHIPPED_CLOTH_SETTINGS);
    expect([knit.ok && knit.value.basis, net.ok && net.value.basis]).toEqual(["reference", "last"]);
  });

  it("needs one of the two", () => {
    const nothing = evaluateTest({ hand: null, ladder: null }, "knit", SHIPPED_CLOTH_SETTINGS);
    expect(nothing.ok ? null : nothing.problem.code).toBe("nothing-tested");
  });
});

describe("explanations of a swatch", () => {
  it("work out from their lengths", () => {
    const [summary] = summariseTests([across], "knit", SHIPPED_CLOTH_SETTINGS);
    if (!summary) throw new Error("The swatch can be evaluated.");
    expect(evaluate(explainUsable(summary, "knit", SHIPPED_CLOTH_SETTINGS))).toBeCloseTo(summary.usable, 12);
    const recovery = explainRecovery(summary, SHIPPED_CLOTH_SETTINGS);
    expect(recovery && evaluate(recovery)).toBeCloseTo(summary.recovery ?? Number.NaN, 12);
  });

  it("of a ladder name the reference, and its recovery works out from the furthest step", () => {
    const [summary] = summariseTests([{ ...SAMPLE_TEST, hand: null, ladder }], "knit", SHIPPED_CLOTH_SETTINGS);
    if (!summary) throw new Error("The swatch can be evaluated.");
    expect(explainUsable(summary, "knit", SHIPPED_CLOTH_SETTINGS).terms).toMatchObject([{ symbol: "Tᵣ", value: 100 }]);
    const recovery = explainRecovery(summary, SHIPPED_CLOTH_SETTINGS);
    expect(recovery && evaluate(recovery)).toBeCloseTo(0.88, 12);
    expect(explainUsable({ ...summary, basis: "last" }, "knit", SHIPPED_CLOTH_SETTINGS).formula).toMatch(/≥/);
  });

  it("is none for a recovery nobody read", () => {
    const [summary] = summariseTests([sampleHandTest({ afterMm: null })], "knit", SHIPPED_CLOTH_SETTINGS);
    expect(summary && explainRecovery(summary, SHIPPED_CLOTH_SETTINGS)).toBeNull();
  });
});

describe("explanations of a ladder and a layup", () => {
  it.each(["strip", "loop"] as const)("give the tension of a step of a %s", (form) => {
    const explanation = explainStepTension({ form, widthMm: 25 }, { forceN: 3 });
    expect(evaluate(explanation)).toBeCloseTo(explanation.result.value, 9);
  });

  it("give the strain of a step, and the growth", () => {
    expect(evaluate(explainStepStrain({ gaugeMm: 100 }, { lengthMm: 131 }))).toBeCloseTo(0.31, 12);
    const [summary] = summariseTests([across], "knit", SHIPPED_CLOTH_SETTINGS);
    const growth = summary && explainGrowth(summary, SHIPPED_CLOTH_SETTINGS);
    expect(growth && evaluate(growth)).toBeCloseTo(0.08, 12);
  });

  it("give the cross-contraction, where a width was read", () => {
    const pulled = { ...ladder, neckIn: { restMm: 50, stretchedMm: 40, atLengthMm: 150 } };
    const result = evaluateTest({ hand: null, ladder: pulled }, "knit", SHIPPED_CLOTH_SETTINGS);
    const contraction = (result.ok && result.value.ladder?.contraction) || Number.NaN;
    const explanation = explainContraction(pulled, contraction);
    expect(explanation && evaluate(explanation)).toBeCloseTo(contraction, 12);
    expect(explainContraction(ladder, contraction)).toBeNull();
  });

  it("add the layers up", () => {
    const explanation = explainLayupTension(
      ["shell", "net"],
      { tensionNPerM: 42, parts: [30, 12], beyondTest: true },
      0.3,
    );
    expect(evaluate(explanation)).toBe(42);
    expect(explanation.notes.at(-1)).toMatch(/beyond its test/);
  });
});

describe("the direction chosen", () => {
  const said = (kind: "knit" | "lace" | "net" | "woven", chosen: "across" | "along" | "bias") =>
    adviseChoice(kind, summariseTests([across, along], kind, SHIPPED_CLOTH_SETTINGS), chosen).join(" ");

  it("is let be where the swatches agree", () => expect(said("knit", "along")).toBe(""));

  it("is questioned where another stretches further or returns better", () => {
    expect(said("knit", "across")).toMatch(/stretches further along.*returns better along/);
  });

  it("of lace is helped by a lining; of net by its look; of the bias by hanging", () => {
    expect(said("lace", "across")).toMatch(/stable lining/);
    expect(said("net", "across")).toMatch(/cells open wide/);
    expect(said("woven", "bias")).toMatch(/hang it 24 h/);
  });
});

it("plans from new cloth; washed, worn and wet swatches wait behind it", () => {
  const at = (id: number, state: SwatchTest["state"], testedOn: string): SwatchTest => ({
    ...SAMPLE_TEST,
    id,
    state,
    testedOn,
  });
  const tests = [
    at(1, "wet", "2026-09-01"),
    at(2, "washed", "2026-08-01"),
    at(3, "new", "2026-01-01"),
    at(4, "new", "2026-02-01"),
  ];
  const counts = (...of: SwatchTest[]) => countingTest(of, "across", "knit", SHIPPED_CLOTH_SETTINGS)?.test.id;
  expect([counts(...tests), counts(...tests.slice(0, 2)), counts(...tests.slice(0, 1))]).toEqual([4, 2, 1]);
  expect(stateWords({ state: "washed", washes: 5 })).toBe("after wash 5");
});

it("cuts longer what will shrink", () => {
  expect(cutForShrinkage(950, 0.05)).toBeCloseTo(1000, 9);
  expect(() => cutForShrinkage(100, 1)).toThrow(RangeError);
});
