import { describe, expect, it } from "vitest";
import { sampleChange, sampleFinding, sampleFrozen, samplePrototype } from "../../testing/index.ts";
import { changeStatus } from "../change/changeStatus.ts";
import { decidedChanges } from "../change/decidedChanges.ts";
import { asWorn, effectiveness, suggestVerdict } from "../decide/outcome.ts";
import { sewingError } from "./asSewn.ts";
import { frozenRings } from "./frozenRings.ts";
import { nextPlan } from "./nextPlan.ts";
import { stepOn } from "./stepOn.ts";

const cloth = { usable: 0.5, recovery: 0.9 };
const waist = { on: "girth", zone: "waist", side: "single", bodyMm: 742, plannedMm: 653 } as const;
const legs = (["left", "right"] as const).map((side) => ({ zone: "leg" as const, side, bodyMm: 600, plannedMm: 531 }));

describe("the next plan", () => {
  it("adds every decided change of a ring and rounds once", () => {
    const [next] = nextPlan(
      [waist],
      [
        { on: "girth", zone: "waist", side: "both", amountMm: -13.7 },
        { on: "girth", zone: "waist", side: "left", amountMm: 4.1 },
        { on: "girth", zone: "hip", side: "both", amountMm: -50 },
      ],
      cloth,
    );
    expect(next?.changedMm).toBeCloseTo(-9.6, 9);
    expect(next?.nowMm).toBe(643);
    expect(next?.consequences.strain).toBeCloseTo(742 / 643 - 1, 12);
  });

  it("changes one leg for a finding on one side, both for a finding on both", () => {
    const girths = (side: "left" | "both") =>
      nextPlan(legs, [{ on: "girth", zone: "leg", side, amountMm: 6 }], cloth).map(({ nowMm }) => nowMm);
    expect(girths("left")).toEqual([537, 531]);
    expect(girths("both")).toEqual([537, 537]);
  });

  it("carries what was accepted or altered, not what was refused or is open", () => {
    const findings = [
      sampleFinding({ change: sampleChange({ id: 1 }) }),
      sampleFinding({ id: 32, change: sampleChange({ id: 2, decision: "refused", amountMm: null }) }),
      sampleFinding({ id: 33 }),
    ];
    expect(decidedChanges([{ findings }]).map(({ changeId }) => changeId)).toEqual([1]);
  });
});

describe("from one prototype to the next", () => {
  const before = samplePrototype({
    sewn: [{ zone: "waist", side: "single", sewnMm: 662, text: "33.1 cm" }],
  });
  const frozen = sampleFrozen([{ changeId: 1, zone: "waist", side: "both", amountMm: -13 }]);

  it("shows planned, sewn, changed and now planned", () => {
    const [step] = stepOn(before, frozenRings(frozen));
    expect(step).toMatchObject({ beforeMm: 653, sewnMm: 662, changedSinceMm: -13, movedMm: 0, nowMm: 640 });
    expect(step?.sewing).toEqual({ errorMm: 9, flagged: true });
  });

  it("counts only what was changed since", () => {
    const second = samplePrototype({ number: 2, frozen });
    const third = sampleFrozen([...frozen.changes, { changeId: 2, zone: "waist", side: "both", amountMm: 4 }]);
    expect(stepOn(second, frozenRings(third))[0]).toMatchObject({ beforeMm: 640, changedSinceMm: 4, nowMm: 644 });
  });

  it("has nothing before the first", () => {
    expect(stepOn(null, frozenRings(frozen))[0]).toMatchObject({
      beforeMm: null,
      sewnMm: null,
      sewing: null,
      movedMm: 0,
    });
  });
});

it("flags a sewing error over 5 mm or over 1 % of the plan", () => {
  expect(sewingError(1005, 1000).flagged).toBe(false);
  expect(sewingError(994, 1000).flagged).toBe(true);
  expect(sewingError(404.5, 400).flagged).toBe(true);
});

describe("what a change did", () => {
  it.each([
    [24, 2, "cured"],
    [24, -2, "cured"],
    [24, -9, "overdone"],
    [24, 10, "better"],
    [24, 22, "unchanged"],
    [24, 40, "worse"],
  ] as const)("suggests for %d mm with %d left: %s", (amountMm, residualMm, verdict) => {
    expect(suggestVerdict({ amountMm, residualMm })).toBe(verdict);
  });

  it("counts the effect for each millimetre taken as worn", () => {
    const doneMm = asWorn(-20, 0.1);
    expect(doneMm).toBeCloseTo(22, 9);
    expect(effectiveness({ amountMm: 30, doneMm, residualMm: -3 })).toBeCloseTo(1.5, 9);
    expect(effectiveness({ amountMm: 30, doneMm: 0, residualMm: 0 })).toBeNull();
  });
});

it("tells where a finding stands", () => {
  const judgement = { fittingId: 1, residualMm: 0, verdict: "cured", note: "" } as const;
  expect([
    changeStatus({ change: null, judgement: null }),
    changeStatus({ change: sampleChange({}), judgement: null }),
    changeStatus({ change: sampleChange({ decision: "refused", amountMm: null }), judgement: null }),
    changeStatus({ change: sampleChange({ cutInto: 2 }), judgement: null }),
    changeStatus({ change: sampleChange({ cutInto: 2 }), judgement }),
  ]).toEqual(["open", "decided", "refused", "cut", "judged"]);
});
