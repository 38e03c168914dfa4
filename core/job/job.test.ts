import { describe, expect, it } from "vitest";
import { nextPlan, ringsOf } from "../fitting/index.ts";
import {
  SAMPLE_JOB,
  SAMPLE_SHEET,
  sampleFrozen,
  sampleHandTest,
  sampleIngredients,
  sampleSoFar,
} from "../testing/index.ts";
import { freezePlan } from "./freezePlan.ts";
import { movedOn } from "./movedOn.ts";
import { type JobIngredients, planJob } from "./planJob.ts";
import { JOB_STEPS, type JobProgress, stepsOf } from "./steps/index.ts";

const states = (own: Partial<JobIngredients>, progress: Partial<JobProgress> = {}) =>
  stepsOf(sampleSoFar(own, progress))
    .filter(({ shapes }) => !shapes)
    .map(({ id, state }) => `${id} ${state}`);

describe("what a job lacks", () => {
  it("is nothing for the sample", () => expect(planJob(sampleIngredients()).missing).toEqual([]));

  it("is named one by one, in measuring order", () => {
    const sheet = {
      ...SAMPLE_SHEET,
      values: SAMPLE_SHEET.values.filter(({ code }) => code !== "leg_edge" && code !== "hip"),
    };
    const { missing } = planJob(sampleIngredients({ sheet, tests: [], job: { ...SAMPLE_JOB, school: null } }));
    expect(missing).toEqual([
      { what: "measure", code: "hip", side: "single" },
      { what: "measure", code: "leg_edge", side: "left" },
      { what: "measure", code: "leg_edge", side: "right" },
      { what: "test", direction: "across", clothId: 5, clothName: "Test jersey" },
      { what: "school" },
    ]);
  });
});

describe("the order of the work", () => {
  it("begins with everything missing", () => {
    const nothing = { sheet: null, cloth: null, tests: [], job: { ...SAMPLE_JOB, school: null } };
    expect(states(nothing)).toEqual([
      "body missing",
      "cloth missing",
      "ease missing",
      "pattern done",
      "parts done",
      "layout done",
      "materials done",
      "seams done",
      "sewing done",
      "prototypes missing",
    ]);
  });

  it("asks for a school once body and cloth are there, then for the first prototype", () => {
    expect(states({ job: { ...SAMPLE_JOB, school: null } })).toEqual([
      "body done",
      "cloth done",
      "ease next",
      "pattern done",
      "parts done",
      "layout done",
      "materials done",
      "seams done",
      "sewing done",
      "prototypes missing",
    ]);
    expect(states({})).toEqual([
      "body done",
      "cloth done",
      "ease done",
      "pattern done",
      "parts done",
      "layout done",
      "materials done",
      "seams done",
      "sewing done",
      "prototypes next",
    ]);
  });

  it("wants another look at cloth that will bag and at open findings", () => {
    const bags = { tests: [sampleHandTest({ afterMm: 120 })] };
    expect(states(bags)[1]).toBe("cloth look");
    expect(states({}, { prototypeCount: 1, openFindings: 2 })[9]).toBe("prototypes look");
  });
});

describe("freezing a plan", () => {
  it("copies every girth and every change", () => {
    const frozen = sampleFrozen([{ changeId: 9, zone: "waist", side: "both", amountMm: -13 }]);
    expect(frozen.rings.map(({ zone, side, nowMm }) => `${zone} ${side} ${nowMm}`)).toEqual([
      "waist single 640",
      "highHip single 788",
      "hip single 873",
      "leg left 532",
      "leg right 532",
    ]);
    expect(frozen.changes).toHaveLength(1);
  });

  it("refuses a plan with holes", () => {
    const sheet = { ...SAMPLE_SHEET, values: SAMPLE_SHEET.values.filter(({ code }) => code !== "hip") };
    for (const own of [{ sheet }, { tests: [] }, { job: { ...SAMPLE_JOB, school: null } }]) {
      const ingredients = sampleIngredients(own);
      const frozen = freezePlan(ingredients, planJob(ingredients), { wearerName: "Sample", changes: [] });
      expect(frozen.ok ? null : frozen.problem.code).toBe("plan-not-ready");
    }
  });
});

it("says which girths have moved on since a prototype, decided changes apart", () => {
  const waist = SAMPLE_SHEET.values.map((value) => (value.code === "waist" ? { ...value, mm: 735 } : value));
  const { planned } = planJob(sampleIngredients({ sheet: { ...SAMPLE_SHEET, values: waist } }));
  if (!planned) throw new Error("The sample job has a plan.");
  const today = nextPlan(
    ringsOf(planned.plan.zones),
    [{ on: "girth", zone: "hip", side: "both", amountMm: -9 }],
    planned.stretch,
  );
  expect(movedOn(sampleFrozen().rings, today)).toEqual([{ zone: "waist", side: "single", byMm: -6 }]);
});

it("gives every step a key of its own, none of those of the whole application", () => {
  const keys = JOB_STEPS.map(({ key }) => key);
  expect(new Set(keys).size).toBe(keys.length);
  for (const taken of ["1", "?", "/", "b", "w", "k", "d", "f", "u", "x", "z", "h"]) expect(keys).not.toContain(taken);
});
