import { describe, expect, it } from "vitest";
import { parseSwatchLength } from "../../core/units/index.ts";
import { errorsOf } from "../form/errorsOf.ts";
import type { Fields } from "../form/unsaved.ts";
import { MOST_STEPS, readLadder, stepFields } from "./ladderForm.ts";
import { readSwatchTest } from "./swatchForm.server.ts";

const TODAY = "2026-11-24";

const steps = (...read: (readonly [force: string, length: string, phase?: string, cycle?: string])[]): Fields =>
  Object.assign(
    { "ladder.form": "strip", "ladder.width": "50", "ladder.gauge": "100" },
    ...read.map(([force, length, phase = "load", cycle = "1"], index) => {
      const names = stepFields(index);
      return { [names.force]: force, [names.length]: length, [names.phase]: phase, [names.cycle]: cycle };
    }),
  );

describe("a swatch length", () => {
  it.each([
    ["162", 162],
    ["16,2 cm", 162],
    ["6 3/8 in", 161.925],
  ])("reads %s", (text, mm) => {
    const parsed = parseSwatchLength(text);
    expect(parsed.ok && parsed.value).toBeCloseTo(mm, 9);
  });

  it("says so where there is none", () => {
    const empty = parseSwatchLength(" ");
    expect(empty.ok ? "" : empty.problem.message).toBe(
      "Expected a length such as 162 mm or 6 3/8 in, but the field is empty.",
    );
  });
});

describe("a ladder being typed", () => {
  it("is none while no step is filled in, or one only by half", () => {
    expect(readLadder(steps())).toBeNull();
    expect(readLadder(steps(["1", ""]))).toBeNull();
    expect(readLadder(steps(["1", "long"]))).toBeNull();
  });

  it("reads weights and units, passes empty rows over, and keeps way and cycle", () => {
    const ladder = readLadder({
      ...steps(["200 g", "120"], ["", ""], ["5", "14 cm", "load", "2"], ["3", "130", "unload", "2"]),
      "ladder.after": "104",
    });
    expect(ladder?.steps).toEqual([
      { forceN: expect.closeTo(1.96133, 9), lengthMm: 120, phase: "load", cycle: 1 },
      { forceN: 5, lengthMm: 140, phase: "load", cycle: 2 },
      { forceN: 3, lengthMm: 130, phase: "unload", cycle: 2 },
    ]);
    expect(ladder).toMatchObject({ afterMm: 104, after30MinMm: null, neckIn: null });
  });

  it("takes as many steps as three cycles need", () => {
    const many = Array.from({ length: MOST_STEPS }, (_, index) => [String(index + 1), String(110 + index)] as const);
    expect(readLadder(steps(...many))?.steps).toHaveLength(MOST_STEPS);
  });
});

describe("a ladder that is kept", () => {
  it.each([
    [steps(["heavy", "120"]), "ladder.steps[0].force"],
    [steps(["", "120"]), "ladder.steps[0].force"],
    [steps(["1", ""]), "ladder.steps[0].length"],
    [steps(["1", "120"], ["", ""], ["2", "90"]), "ladder.steps[2].length"],
    [steps(["", ""], ["400", "120"]), "ladder.steps[1].force"],
    [{ ...steps(["1", "120"]), "ladder.width": "" }, "ladder.width"],
    [{ ...steps(["1", "120"]), "ladder.gauge": "1 m 3" }, "ladder.gauge"],
    [{ ...steps(["1", "120"]), "ladder.width": "2" }, "ladder.width"],
    [{ ...steps(["1", "120"]), "ladder.after": "125" }, "ladder.after"],
    [{ ...steps(["1", "120"]), "neck.rest": "50" }, "neck.stretched"],
    [{ ...steps(["1", "120"]), "neck.rest": "40", "neck.stretched": "50", "neck.at": "120" }, "neck.stretched"],
    [steps(["1", "120", "unload"]), "ladder.steps[0].force"],
  ])("has its error beside the field (%#)", (fields, name) => {
    const test = { direction: "across", testedOn: TODAY, ...fields };
    expect(Object.keys(errorsOf(readSwatchTest(test, 5, TODAY)))).toContain(name);
    expect(readLadder(fields)).toBeNull();
  });
});

describe("a swatch test", () => {
  const head = { direction: "across", testedOn: TODAY };

  it("may be a ladder alone; a gauge by itself is no hand test", () => {
    const read = readSwatchTest({ ...head, gauge: "100", ...steps(["1", "120"]) }, 5, TODAY);
    expect(read.ok && read.value).toMatchObject({ hand: null, ladder: { widthMm: 50 }, state: "new", washes: null });
  });

  it("keeps state, washes and the look of a net", () => {
    const read = readSwatchTest(
      { ...head, state: "washed", washes: "5", look: "wide", gauge: "100", stretched: "150" },
      5,
      TODAY,
    );
    expect(read.ok && read.value).toMatchObject({ state: "washed", washes: 5, look: "wide" });
  });

  it.each([
    [{ gauge: "100" }, "stretched"],
    [{ gauge: "100", stretched: "150", state: "washed", washes: "often" }, "washes"],
    [{ gauge: "100", stretched: "150", state: "washed" }, "washes"],
    [{ gauge: "100", stretched: "150", state: "burnt" }, "state"],
    [{ gauge: "100", stretched: "150", testedOn: "2027-01-01" }, "testedOn"],
    [{ gauge: "100", after: "104" }, "stretched"],
  ])("has the error of %o beside its field", (own: Fields, name) => {
    expect(Object.keys(errorsOf(readSwatchTest({ ...head, ...own }, 5, TODAY)))).toEqual([name]);
  });
});
