import { describe, expect, it } from "vitest";
import { SAMPLE_LADDER_TEST, SAMPLE_TEST, sampleHandTest } from "../testing/index.ts";
import type { SwatchTest } from "./cloth.ts";
import { countingTest } from "./countingTest.ts";
import { adviseDirection } from "./directionAdvice.ts";
import { evaluateHandTest } from "./handTest.ts";
import type { LoadLadder } from "./loadLadder.ts";
import { compareReturns } from "./returns.ts";
import { SHIPPED_CLOTH_SETTINGS } from "./settings.ts";
import { classRange, stretchClassOf } from "./stretchClass.ts";
import { summariseTests } from "./summary.ts";

const test = (own: Partial<SwatchTest>): SwatchTest => ({ ...SAMPLE_TEST, ...own });

describe("hand test", () => {
  it("gives usable stretch, growth and recovery", () => {
    const result = evaluateHandTest({ gaugeMm: 100, stretchedMm: 162, afterMm: 104 });
    expect(result).toMatchObject({ ok: true });
    if (!result.ok) return;
    expect(result.value.usable).toBeCloseTo(0.62, 12);
    expect(result.value.growth).toBeCloseTo(0.04, 12);
    expect(result.value.recovery).toBeCloseTo(58 / 62, 12);
    expect(result.value.willBag).toBe(false);
  });

  it("leaves growth and recovery unknown where the length after 60 s was not read", () => {
    const result = evaluateHandTest({ gaugeMm: 100, stretchedMm: 150, afterMm: null });
    expect(result.ok && result.value).toEqual({ usable: 0.5, growth: null, recovery: null, willBag: false });
  });

  it("says that a cloth will bag under 85 % recovery", () => {
    const at = (afterMm: number) => {
      const result = evaluateHandTest({ gaugeMm: 100, stretchedMm: 200, afterMm });
      return result.ok && result.value.willBag;
    };
    expect([at(115), at(115.1)]).toEqual([false, true]);
  });

  it.each([
    [{ gaugeMm: 10, stretchedMm: 15, afterMm: null }, "gauge-out-of-range"],
    [{ gaugeMm: Number.NaN, stretchedMm: 15, afterMm: null }, "gauge-out-of-range"],
    [{ gaugeMm: 100, stretchedMm: 100, afterMm: null }, "not-stretched"],
    [{ gaugeMm: 100, stretchedMm: 501, afterMm: null }, "stretched-too-far"],
    [{ gaugeMm: 100, stretchedMm: 150, afterMm: 99 }, "after-below-gauge"],
    [{ gaugeMm: 100, stretchedMm: 150, afterMm: 151 }, "after-above-stretched"],
  ])("refuses %o as %s", (lengths, code) => {
    const result = evaluateHandTest(lengths);
    expect(result.ok ? null : result.problem.code).toBe(code);
  });
});

it("puts each stretch class just below its limit", () => {
  expect([0, 0.149, 0.15, 0.25, 0.5, 0.75, 3].map(stretchClassOf)).toEqual([
    "stable",
    "stable",
    "light",
    "moderate",
    "high",
    "power",
    "power",
  ]);
});

it("lets the newest test of a direction count, and of one day the one entered last", () => {
  const tests = [
    test({ id: 1, testedOn: "2026-01-01" }),
    test({ id: 2, testedOn: "2026-03-01" }),
    test({ id: 3, testedOn: "2026-03-01" }),
    test({ id: 4, testedOn: "2026-05-01", direction: "along" }),
  ];
  expect(countingTest(tests, "across", "knit", SHIPPED_CLOTH_SETTINGS)?.test.id).toBe(3);
  expect(countingTest(tests, "bias", "knit", SHIPPED_CLOTH_SETTINGS)).toBeNull();
});

describe("of two tests of a direction", () => {
  const hand = { gaugeMm: 100, stretchedMm: 190, afterMm: 104 };
  const ladderTo = (lengthMm: number, newtons: number): LoadLadder => ({
    ...{ gaugeMm: 100, widthMm: 50, form: "strip", afterMm: null, after30MinMm: null, neckIn: null },
    steps: [1, 2].map((part) => ({
      ...{ cycle: 1, phase: "load", forceN: (newtons * part) / 2 },
      lengthMm: 100 + ((lengthMm - 100) * part) / 2,
    })),
  });
  const counting = (...tests: SwatchTest[]) => countingTest(tests, "across", "knit", SHIPPED_CLOTH_SETTINGS);
  const byHand = test({ id: 1, testedOn: "2026-01-01", hand, ladder: null });

  it("a newer ladder that says only “at least” does not stand against a hand that found the end, and lends its curve", () => {
    const short = test({ id: 2, testedOn: "2026-03-01", hand: null, ladder: ladderTo(195, 2) });
    const both = counting(byHand, short);
    expect(both).toMatchObject({ usable: expect.closeTo(0.9), basis: "hand", recovery: expect.closeTo(86 / 90) });
    expect([both?.test.id, both?.curveTest?.id, both?.returnTest?.id]).toEqual([1, 2, 1]);
    expect(both?.told).toMatch(
      /^The newest test, 1 Mar 2026, ended before .* says only “at least”: the test of 1 Jan 2026 found/,
    );
    // Alone it counts, as what it is.
    expect(counting(short)).toMatchObject({ usable: expect.closeTo(0.95), basis: "last", told: null });
  });

  it("a newer one that found the end decides, and one by hand takes away no curve", () => {
    const full = test({ id: 2, testedOn: "2026-03-01", hand: null, ladder: ladderTo(180, 10) });
    const newest = counting(byHand, full);
    expect([newest?.test.id, newest?.curveTest?.id, newest?.told]).toEqual([2, 2, null]);
    const later = counting(full, { ...byHand, id: 3, testedOn: "2026-04-01" });
    expect([later?.test.id, later?.curveTest?.id]).toEqual([3, 2]);
    expect(later?.told).toBe("The newest test was pulled by hand alone. Its curve is that of the test of 1 Mar 2026.");
  });
});

describe("direction advice", () => {
  const across = { ...sampleHandTest({ stretchedMm: 148, afterMm: 102 }), id: 1 };
  const along = { ...sampleHandTest({ stretchedMm: 155, afterMm: 109 }), id: 2, direction: "along" } as const;

  it("tells the direction that stretches most from the one that returns best", () => {
    expect(adviseDirection("net", summariseTests([across, along], "net", SHIPPED_CLOTH_SETTINGS))).toMatchObject({
      stretchesMost: "along",
      returns: { what: "best", direction: "across", rest: "60s" },
    });
  });

  const laddered = (direction: "across" | "along", after: Partial<LoadLadder>): SwatchTest => ({
    ...SAMPLE_LADDER_TEST,
    ...{ id: direction === "across" ? 1 : 2, direction, hand: null },
    ladder: SAMPLE_LADDER_TEST.ladder && { ...SAMPLE_LADDER_TEST.ladder, afterMm: null, after30MinMm: null, ...after },
  });
  const returns = (...tests: SwatchTest[]) => compareReturns(summariseTests(tests, "lace", SHIPPED_CLOTH_SETTINGS));

  it("never compares recoveries that were read after different rests", () => {
    expect(returns(laddered("across", { afterMm: 110 }), laddered("along", { after30MinMm: 101 }))).toEqual({
      what: "notComparable",
    });
    // Read after both rests, it is compared by the one they share.
    expect(
      returns(laddered("across", { afterMm: 110 }), laddered("along", { afterMm: 104, after30MinMm: 120 })),
    ).toMatchObject({ what: "best", direction: "along", rest: "60s" });
  });

  it("calls a difference within reading error no winner, and the margin itself one", () => {
    const [a, b, c] = [110, 109, 108.6];
    expect(returns(laddered("across", { afterMm: a }), laddered("along", { afterMm: b }))).toMatchObject({
      what: "alike",
    });
    expect(returns(laddered("across", { afterMm: a }), laddered("along", { afterMm: c }))).toMatchObject({
      what: "best",
      direction: "along",
    });
  });

  it("does not send round the body a direction that hardly stretches", () => {
    const weak = { ...sampleHandTest({ stretchedMm: 111, afterMm: 100.2 }), id: 3, direction: "along" } as const;
    const words = adviseDirection("lace", summariseTests([across, weak], "lace", SHIPPED_CLOTH_SETTINGS))?.words;
    expect(words).toMatch(/hardly stretches along/);
    expect(words).not.toMatch(/the one that returns lasts longer/);
  });

  it("waits for two directions", () =>
    expect(adviseDirection("knit", summariseTests([across], "knit", SHIPPED_CLOTH_SETTINGS))).toBeNull());
});

it("the range of a stretch class holds the stretches of that class and no others", () => {
  expect(classRange(0.62)).toEqual({ from: 0.5, to: 0.75 });
  expect(classRange(0.1)).toEqual({ from: 0, to: 0.15 });
  expect(classRange(0.75)).toEqual({ from: 0.75, to: Number.POSITIVE_INFINITY });
});
