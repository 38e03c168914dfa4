import { describe, expect, it } from "vitest";
import { tensionAt } from "../../cloth/index.ts";
import { evaluate, SAMPLE_JOB, SAMPLE_LADDER_TEST, sampleFrozen, samplePrototype } from "../../testing/index.ts";
import type { Reading } from "../fitting.ts";
import { explainCalibration, explainPull } from "./explainPull.ts";
import { calibrationOf, predictClosure } from "./tension.ts";

const frozen = sampleFrozen([], { tests: [SAMPLE_LADDER_TEST] });
const prototype = samplePrototype({ frozen });
const reading = (own: Partial<Reading> = {}): Reading => ({
  ...{ id: 1, zone: "waist", kind: "closure", side: "both", newtons: 2, text: "2", heightMm: 80 },
  ...{ elasticsN: null, liftMm: null, note: "" },
  ...own,
});
const pull = (own: Partial<Reading> = {}, on = prototype) => {
  const held = predictClosure(reading(own), on);
  if (typeof held === "string") throw new Error(held);
  return held;
};

describe("a closure pull", () => {
  it("is held against the tension in wear over its height, and the elastics that run into it", () => {
    const ring = frozen.rings.find(({ zone }) => zone === "waist");
    const wear = frozen.stretch.wear;
    if (!ring || !wear) throw new Error("The sample has a waist and a curve.");
    const cloth = 0.08 * tensionAt(wear, ring.bodyMm / ring.nowMm - 1).tensionNPerM;
    expect(pull().predictedN).toBeCloseTo(cloth, 9);
    expect(pull({ elasticsN: 0.5 }).predictedN).toBeCloseTo(cloth + 0.5, 9);
    expect(pull().k).toBeCloseTo(2 / cloth, 9);
    expect(evaluate(explainPull(pull({ elasticsN: 0.5 })))).toBeCloseTo(cloth + 0.5, 9);
  });

  it("compares with the swatches however often it was calibrated", () => {
    const stiffer = samplePrototype({
      frozen: sampleFrozen([], { tests: [SAMPLE_LADDER_TEST], job: { ...SAMPLE_JOB, stiffness: 1.3 } }),
    });
    expect(stiffer.frozen.stretch.stiffness).toBe(1.3);
    expect(pull({}, stiffer).k).toBeCloseTo(pull().k, 9);
  });

  it("is not held against what is not there: a lift, no curve, no girth, a slack garment", () => {
    expect(predictClosure(reading({ kind: "lift", heightMm: null }), prototype)).toBe("lift");
    expect(predictClosure(reading(), samplePrototype())).toBe("noCurve");
    expect(predictClosure(reading({ zone: "bust" }), prototype)).toBe("noGirth");
    const slack = { ...prototype, sewn: [{ zone: "waist", side: "single", sewnMm: 900, text: "45 cm" }] } as const;
    expect(predictClosure(reading(), slack)).toBe("slack");
  });
});

describe("the calibration", () => {
  it("is the median of three pulls or more, and nothing of fewer", () => {
    const pulls = [1.4, 1.1, 1.18].map((k) => ({ ...pull(), k }));
    expect(calibrationOf(pulls)).toEqual({ k: 1.18, n: 3 });
    expect(calibrationOf(pulls.slice(1))).toEqual({ k: null, n: 2 });
    expect(evaluate(explainCalibration(pulls, 1.18))).toBeCloseTo(1.18, 12);
    const four = [...pulls, { ...pull(), k: 1.2 }];
    expect(evaluate(explainCalibration(four, calibrationOf(four).k ?? 0))).toBeCloseTo(1.19, 12);
  });
});
