import { describe, expect, it } from "vitest";
import { bareBeside } from "../calculation/index.ts";
import { countingTest, type GarmentLayer, SHIPPED_CLOTH_SETTINGS } from "../cloth/index.ts";
import { ringsOf } from "../fitting/index.ts";
import {
  SAMPLE_CLOTH,
  SAMPLE_JOB,
  SAMPLE_LADDER_TEST,
  SAMPLE_TEST,
  sampleFrozen,
  sampleIngredients,
  sampleSoFar,
} from "../testing/index.ts";
import { jobFacts } from "./jobFacts.ts";
import { type JobIngredients, planJob } from "./planJob.ts";
import { stepsOf } from "./steps/index.ts";

const BESIDE = bareBeside({ sheetName: "sheet", settingsName: "habits", isForm: false, isChild: false });

const layer = (name: string, tests = [SAMPLE_LADDER_TEST]) => ({
  cloth: { ...SAMPLE_CLOTH, name },
  tests,
  direction: "across" as const,
});

describe("a job of several layers", () => {
  const layers = [layer("shell"), layer("net")];

  it("is planned by all of them together, in place of its one cloth", () => {
    const { planned } = planJob(sampleIngredients({ layers }));
    const alone = planJob(sampleIngredients({ layers: layers.slice(0, 1) })).planned;
    const pull = (plan: typeof planned) => plan?.plan.zones[0]?.chosen?.consequences.pull?.tensionNPerM ?? Number.NaN;
    expect(pull(planned)).toBeCloseTo(2 * pull(alone), 6);
  });

  it("names each layer that was not tested round the body", () => {
    const { missing, planned } = planJob(sampleIngredients({ layers: [layer("shell"), layer("net", [])] }));
    expect(planned).toBeNull();
    expect(missing).toEqual([{ what: "test", direction: "across", clothId: 5, clothName: "net" }]);
  });

  it("freezes every layer with its test, the curve of all, the style and the lengths", () => {
    const frozen = sampleFrozen([], { layers });
    expect(frozen.layers?.map(({ name, testId }) => `${name} ${testId}`)).toEqual(["shell 12", "net 12"]);
    expect(frozen.stretch.wear?.cubic.points.length).toBeGreaterThan(5);
    expect(frozen.style?.id).toBe("brief");
    // Nothing was tested along the body, so by share no length is known; none is guessed.
    expect(frozen.lengths).toEqual([]);
  });
});

describe("a job whose cups, bridge and cradles have a cloth of their own", () => {
  const laceTest = { ...SAMPLE_TEST, hand: { gaugeMm: 100, stretchedMm: 131, afterMm: 102 } };
  const [shell, lace, net] = [layer("power net"), layer("lace", [laceTest]), layer("stable net", [])];
  const layers: GarmentLayer[] = [
    { ...lace, role: "cups" },
    { ...net, role: "frame" },
    { ...shell, role: "shell" },
  ];
  const ingredients = sampleIngredients({ layers });

  it("is planned by what goes round the body alone, and asks for no test of what does not stretch", () => {
    const { planned, missing } = planJob(ingredients);
    expect(planned?.layers.map(({ cloth }) => cloth.name)).toEqual(["power net"]);
    const alone = planJob(sampleIngredients({ layers: [shell] })).planned;
    expect(planned?.stretch).toEqual(alone?.stretch);
    expect(missing).toEqual([]);
    const untested = planJob(sampleIngredients({ layers: [{ ...lace, tests: [], role: "cups" }, shell] }));
    expect(untested.missing).toEqual([{ what: "test", direction: "across", clothId: 5, clothName: "lace" }]);
  });

  it("has the stretch of its cups from their own tests, and from those of the shell where they have none", () => {
    const facts = (of: JobIngredients) => jobFacts(of, planJob(of), BESIDE, {});
    const usableOf = (tests: typeof shell.tests) =>
      countingTest(tests, "across", SAMPLE_CLOTH.kind, SHIPPED_CLOTH_SETTINGS)?.usable;
    expect(facts(ingredients).cupsStretch?.usable).toBe(usableOf([laceTest]));
    expect(facts(ingredients).stretch?.usable).toBe(usableOf([SAMPLE_LADDER_TEST]));
    expect(usableOf([laceTest])).toBeCloseTo(0.31, 6);
    expect(facts(sampleIngredients({ layers: [shell] })).cupsStretch?.usable).toBe(usableOf([SAMPLE_LADDER_TEST]));
    expect(facts(ingredients).layerNames).toEqual(["power net"]);
  });

  it("freezes them beside the layers, each with its test or with none", () => {
    const { layers: round, ofParts } = sampleFrozen([], { layers });
    expect(round.map(({ name }) => name)).toEqual(["power net"]);
    expect(ofParts?.map(({ role, name, testId }) => [role, name, testId])).toEqual([
      ["cups", "lace", laceTest.id],
      ["frame", "stable net", null],
    ]);
  });
});

describe("choices of a job", () => {
  const zones = { waist: { by: "own", garmentMm: 611 }, hip: { by: "fixed" } } as const;
  const own = (job: Partial<JobIngredients["job"]>) => planJob(sampleIngredients({ job: { ...SAMPLE_JOB, ...job } }));

  it("rule their zones, the job's school all others", () => {
    const rings = ringsOf(own({ zones }).planned?.plan.zones ?? []);
    expect(rings.map(({ zone, plannedMm }) => `${zone} ${plannedMm}`)).toEqual([
      "waist 611",
      "highHip 788",
      "hip 908",
      "leg 532",
      "leg 532",
    ]);
  });

  it("are frozen with the plan", () => {
    const frozen = sampleFrozen([], { job: { ...SAMPLE_JOB, zones, openings: { waist: "zip" } } });
    expect(frozen).toMatchObject({ choice: { zones }, openings: { waist: "zip" } });
  });

  it("by a school without an answer leave the plan unfinished, and nothing is frozen from it", () => {
    const read = own({ school: "pressure" });
    expect(read.planned?.plan.zones.every(({ chosen }) => chosen === null)).toBe(true);
    const soFar = sampleSoFar({ job: { ...SAMPLE_JOB, school: "pressure" } });
    expect(stepsOf(soFar)[2]).toMatchObject({ state: "missing", words: "a zone cannot be planned" });
    expect(() => sampleFrozen([], { job: { ...SAMPLE_JOB, school: "pressure" } })).toThrow(/every zone/);
  });

  it("that press hard want another look", () => {
    const job = { ...SAMPLE_JOB, zones: { waist: { by: "own", garmentMm: 300 } } } as const;
    const soFar = sampleSoFar({ job, tests: [SAMPLE_LADDER_TEST] });
    expect(stepsOf(soFar)[2]).toMatchObject({ state: "look", words: "presses hard" });
  });
});

it("an elastic that was not tested sets no limit and is not guessed", () => {
  const edge = { cloth: { ...SAMPLE_CLOTH, kind: "elastic" as const }, tests: [], direction: "along" as const };
  expect(planJob(sampleIngredients({ edge })).planned?.edgeUsable).toBeNull();
  const tested = { ...edge, tests: [{ ...SAMPLE_TEST, direction: "along" as const }] };
  expect(planJob(sampleIngredients({ edge: tested })).planned?.edgeUsable).toBeCloseTo(0.62, 12);
});
