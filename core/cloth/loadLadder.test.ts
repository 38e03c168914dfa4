import { describe, expect, it } from "vitest";
import { tensionCurve } from "./curve/tensionCurve.ts";
import { judgeLayup, layupTensionAt } from "./layup.ts";
import { evaluateLadder, type LadderStep, type LoadLadder } from "./loadLadder.ts";
import { usableStretch } from "./usableStretch.ts";
import { wearCurve, wearTensionAt } from "./wearTension.ts";

const step = (forceN: number, lengthMm: number, own: Partial<LadderStep> = {}): LadderStep => ({
  forceN,
  lengthMm,
  phase: "load",
  cycle: 1,
  ...own,
});

const ladder = (own: Partial<LoadLadder> = {}): LoadLadder => ({
  form: "strip",
  widthMm: 50,
  gaugeMm: 100,
  steps: [step(1, 120), step(3, 140), step(8, 160)],
  afterMm: null,
  after30MinMm: null,
  neckIn: null,
  ...own,
});

const value = (own: Partial<LoadLadder> = {}) => {
  const result = evaluateLadder(ladder(own));
  if (!result.ok) throw new Error(result.problem.message);
  return result.value;
};

describe("load ladder", () => {
  it("spreads the force over the width of a strip, and over both legs of a loop", () => {
    expect(value().loading.cubic.points[1]?.[1]).toBeCloseTo(20, 9);
    expect(value({ form: "loop" }).loading.cubic.points[1]?.[1]).toBeCloseTo(10, 9);
  });

  it("counts the last cycle", () => {
    const steps = [step(5, 120), step(1, 120, { cycle: 2 }), step(3, 140, { cycle: 2 })];
    expect(value({ steps }).loading.cubic.points.map(([, tension]) => Math.round(tension))).toEqual([0, 20, 60]);
  });

  it("reads growth and recovery after 30 minutes where they were waited for, else after 60 s", () => {
    expect(value({ afterMm: 106 })).toMatchObject({
      recoveredAfter: "60s",
      growth: expect.closeTo(0.06, 12),
      recovery: expect.closeTo(0.9, 12),
    });
    expect(value({ afterMm: 106, after30MinMm: 103 })).toMatchObject({
      recoveredAfter: "30min",
      recovery: expect.closeTo(0.95, 12),
    });
    expect(value()).toMatchObject({ growth: null, recovery: null, recoveredAfter: null });
  });

  it("works in wear on its way back, which starts slack at the growth; else on a part of the loading curve", () => {
    const back = value({
      afterMm: 104,
      steps: [...ladder().steps, step(4, 150, { phase: "unload" }), step(1, 125, { phase: "unload" })],
    });
    expect(back.returning?.cubic.points.map(([strain]) => Number(strain.toFixed(3)))).toEqual([0, 0.04, 0.25, 0.5]);
    expect(wearTensionAt(back, 0.25, 0.75)).toMatchObject({ basis: "return", tensionNPerM: expect.closeTo(20, 9) });
    expect(wearTensionAt(value(), 0.2, 0.75)).toMatchObject({ basis: "factor", tensionNPerM: expect.closeTo(15, 9) });
    expect(wearCurve(value(), 0.75).cubic.points[1]?.[1]).toBeCloseTo(15, 9);
  });

  it("reads how much narrower a strip grows", () => {
    const { contraction } = value({ neckIn: { restMm: 50, stretchedMm: 40, atLengthMm: 150 } });
    expect(contraction).toBeCloseTo(Math.log(1.25) / Math.log(1.5), 12);
  });

  it("tells how far a reading was pooled, as a part of the largest tension", () => {
    expect(value({ steps: [step(1, 110), step(3, 120), step(2, 130), step(5, 140)] }).loading.pooledBy).toBeCloseTo(
      0.1,
      9,
    );
  });

  it.each([
    [{ gaugeMm: 10 }, "gauge-out-of-range"],
    [{ widthMm: 0 }, "width-out-of-range"],
    [{ steps: [] }, "no-load-step"],
    [{ steps: [step(1, 120, { phase: "unload" })] }, "no-load-step"],
    [{ steps: [step(-1, 120)] }, "negative-force"],
    [{ steps: [step(1, 100)] }, "step-not-stretched"],
    [{ steps: [step(1, Number.NaN)] }, "step-not-stretched"],
    [{ afterMm: 99 }, "after-below-gauge"],
    [{ afterMm: 161 }, "after-above-stretched"],
    [{ neckIn: { restMm: 40, stretchedMm: 50, atLengthMm: 150 } }, "neck-in-unreadable"],
    [{ neckIn: { restMm: 50, stretchedMm: 40, atLengthMm: 100 } }, "neck-in-unreadable"],
  ])("refuses %o as %s", (own: Partial<LoadLadder>, code) => {
    const result = evaluateLadder(ladder(own));
    expect(result.ok ? null : result.problem.code).toBe(code);
  });
});

describe("usable stretch", () => {
  const curve = tensionCurve([
    [0.3, 50],
    [0.6, 150],
  ]);

  it("is the smaller of the hand's and the ladder's", () => {
    const atReference = usableStretch(null, curve, 100);
    expect(atReference?.basis).toBe("reference");
    expect(usableStretch(0.4, curve, 100)).toEqual({ usable: 0.4, basis: "hand" });
    expect(usableStretch(0.55, curve, 100)).toEqual(atReference);
  });

  it("gives way to the hand where the ladder ends below its reference, else is at least its last strain", () => {
    expect(usableStretch(0.7, curve, 300)).toEqual({ usable: 0.7, basis: "hand" });
    expect(usableStretch(null, curve, 300)).toEqual({ usable: 0.6, basis: "last" });
    expect(usableStretch(null, null, 100)).toBeNull();
  });
});

describe("layup", () => {
  const shell = { name: "shell", usable: 0.6, curve: tensionCurve([[0.6, 60]]) };
  const lining = { name: "lining", usable: 0.45, curve: tensionCurve([[0.5, 20]]) };

  it("adds tensions and keeps each layer's part", () => {
    expect(layupTensionAt([shell, lining], 0.3)).toEqual({
      tensionNPerM: expect.closeTo(42, 9),
      parts: [expect.closeTo(30, 9), expect.closeTo(12, 9)],
      beyondTest: false,
    });
    expect(layupTensionAt([shell, lining], 0.55)?.beyondTest).toBe(true);
  });

  it("goes as far as its least stretchy layer", () => {
    expect(judgeLayup([shell, lining])).toMatchObject({ usable: 0.45, setBy: "lining" });
  });

  it("has no sum while a layer lacks its curve, and says which", () => {
    const net = { name: "net", usable: 0.3, curve: null };
    expect(layupTensionAt([shell, net], 0.2)).toBeNull();
    expect(judgeLayup([shell, net])).toEqual({ usable: 0.3, setBy: "net", untested: [], withoutCurve: ["net"] });
    expect(judgeLayup([shell, { ...net, usable: null }])).toMatchObject({ usable: null, untested: ["net"] });
  });
});
