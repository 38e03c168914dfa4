import { describe, expect, it } from "vitest";
import { STYLES, type Style, styleOf } from "../ease/index.ts";
import { LATER_STEPS } from "../laterSteps.ts";
import { NEW_PARTS, type PartsWorking } from "../parts/index.ts";
import { type MadeFrom, madeOf } from "./made.ts";
import { minutesOf } from "./minutesOf.ts";
import { minuteWords } from "./minuteWords.ts";
import { pastMinutes } from "./pastMinutes.ts";
import { fitChecks, reckonSewing } from "./reckonSewing.ts";
import type { SewingFacts } from "./sewingFacts.ts";
import { SEWING_STEPS, stepsFor } from "./steps/index.ts";
import { started, stopped, ticked } from "./timing.ts";
import { NEW_SEWING, type SewingWorking } from "./working.ts";

const made = (style: Style, own: Partial<Omit<MadeFrom, "style">> = {}) =>
  madeOf({ style, parts: null, openings: {}, layers: [{ role: "shell", direction: "across" }], ...own });
const ids = (style: Style, own: Partial<Omit<MadeFrom, "style">> = {}) =>
  stepsFor(made(style, own)).map(({ id }) => id);
const parts = (own: Partial<PartsWorking>): PartsWorking => ({ ...NEW_PARTS, ...own });
const [brief, slip, wiredBra] = [styleOf("brief"), styleOf("slip"), styleOf("wiredBra")];
const FACTS: SewingFacts = { made: made(brief), putOff: [], past: {} };
const reckon = (own: Partial<SewingWorking>, facts: Partial<SewingFacts> = {}) =>
  reckonSewing({ ...NEW_SEWING, ...own }, { ...FACTS, ...facts });

describe("the steps of a garment", () => {
  it("are those of its style and its parts, in an order that breaks no need of any", () => {
    expect(ids(brief).join(" ")).toBe(
      "cut marks gussetFront gussetBack sidesBasted sides legElastics waistElastic reinforce firstWash",
    );
    expect(ids(brief, { parts: parts({ lining: "front" }), openings: { waist: "ties" } })).toEqual(
      expect.arrayContaining(["lining", "closure"]),
    );
    expect(ids(wiredBra)).toEqual(expect.arrayContaining(["cups", "cupsIn", "channels", "wires", "straps"]));
    expect(ids(wiredBra)).not.toContain("gussetFront");
    expect(ids(styleOf("lacedCorset"))).toEqual(expect.arrayContaining(["panels", "mockLacing", "closure"]));
    expect(ids(styleOf("unlacedCorset"))).not.toContain("mockLacing");
    expect(ids(styleOf("bonedDress"))).toEqual(expect.arrayContaining(["panels", "joinSkirt", "hem"]));
    expect(ids(styleOf("unlacedCorset"))).not.toContain("joinSkirt");
    expect(ids(slip, { layers: [{ role: "shell", direction: "bias" }] })).toContain("hang");
    expect(ids(slip)).not.toContain("hang");
    for (const style of STYLES) {
      const facts = { ...FACTS, made: made(style, { parts: parts({ lining: "whole" }), openings: { waist: "zip" } }) };
      expect(reckonSewing(NEW_SEWING, facts).warnings, style.name).toEqual([]);
      expect(fitChecks(NEW_SEWING, facts.made).length, style.name).toBeGreaterThan(0);
    }
  });

  it("have ids of their own, need steps there are, and settle every step a finding can wait for", () => {
    const all = SEWING_STEPS.map(({ id }) => id);
    expect(new Set(all).size).toBe(all.length);
    for (const { id, after = [] } of SEWING_STEPS) for (const { step } of after) expect(all, id).toContain(step);
    const settled = new Set(SEWING_STEPS.map(({ settles }) => settles));
    expect(LATER_STEPS.filter((step) => !settled.has(step))).toEqual([]);
  });

  it("say what a seam would close over in another order, until that is done or not wanted", () => {
    const order = ["cut", "sides", "gussetFront", "gussetBack", "sidesBasted"];
    const { warnings } = reckon({ order });
    expect(warnings).toHaveLength(2);
    expect(warnings[0]).toBe(
      "“Baste the sides” comes before “Close the sides”: fit is checked before a seam is closed.",
    );
    expect(reckon({ order, left: ["sidesBasted"] }).warnings).toHaveLength(1);
    const done = { sidesBasted: "2026-11-01T10:00:00.000Z", gussetBack: "2026-11-01T10:00:00.000Z" };
    expect(reckon({ order, done }).warnings).toEqual([]);
  });

  it("come where they usually do when an order does not know them; the maker's own stand where they were put", () => {
    const rows = (own: Partial<SewingWorking>) => reckon(own).rows.map(({ id }) => id);
    expect(rows({ order: ["marks", "cut"] }).slice(0, 3)).toEqual(["marks", "cut", "gussetFront"]);
    const own = [{ id: "own-1", name: "Label" }];
    expect(rows({ own }).at(-1)).toBe("own-1");
    expect(rows({ own, order: ["own-1", "cut"] }).slice(0, 2)).toEqual(["own-1", "cut"]);
    expect(rows({ order: ["gone", "cut"] })).not.toContain("gone");
  });

  it("bring back the findings that were put off until then", () => {
    const putOff = [{ waitsFor: "leg elastics in", words: "Gape, leg" }];
    const { rows } = reckon({}, { putOff });
    expect(rows.filter((row) => row.putOff.length > 0).map(({ id }) => id)).toEqual(["legElastics"]);
  });
});

describe("how long it takes", () => {
  it("is a guess until a step was timed three times, then the median of those", () => {
    expect(minutesOf([20, 30], 25)).toEqual({ minutes: 25, from: "guess", times: 2 });
    expect(minutesOf([20, 90, 30], 25)).toEqual({ minutes: 30, from: "own times", times: 3 });
    expect(minutesOf([], null)).toEqual({ minutes: 0, from: "none", times: 0 });
    const done = { cut: "2026-11-01T10:00:00.000Z" };
    expect(
      pastMinutes([
        { done, spent: { cut: 30, sides: 12 } },
        { done, spent: { cut: 0 } },
      ]),
    ).toEqual({ cut: [30] });
  });

  it("counts what is still to sew, less what was sewn at a step, and nothing of what is left out or done", () => {
    const all = reckon({}).leftMin;
    const past = { cut: [30, 30, 30] };
    expect(reckon({}, { past }).leftMin).toBe(all - 10);
    expect(reckon({ spent: { cut: 25 } }).leftMin).toBe(all - 25);
    expect(reckon({ spent: { cut: 95 } }).leftMin).toBe(all - 40);
    expect(reckon({ left: ["cut"] }).leftMin).toBe(all - 40);
    expect(reckon({ done: { cut: "2026-11-01T10:00:00.000Z" } }).leftMin).toBe(all - 40);
    expect(reckon({ spent: { cut: 95 } }).spentMin).toBe(95);
  });

  it("is written in hours and minutes", () =>
    expect([minuteWords(0), minuteWords(59.6), minuteWords(65), minuteWords(200)]).toEqual([
      "0 min",
      "1 h 00 min",
      "1 h 05 min",
      "3 h 20 min",
    ]));
});

describe("a timer", () => {
  const at = (time: string) => `2026-11-02T${time}:00.000Z`;
  const value = (read: ReturnType<typeof stopped>) => {
    if (!read.ok) throw new Error(read.problem.message);
    return read.value;
  };

  it("counts to its step, and stops where another is begun or the step is done", () => {
    const begun = value(started(NEW_SEWING, "cut", at("09:00")));
    expect(begun.timer).toEqual({ step: "cut", since: at("09:00") });
    const other = value(started(begun, "marks", at("09:25")));
    expect([other.spent, other.timer?.step]).toEqual([{ cut: 25 }, "marks"]);
    const done = value(ticked(other, "marks", true, at("09:30")));
    expect([done.spent, done.timer, done.done]).toEqual([{ cut: 25, marks: 5 }, null, { marks: at("09:30") }]);
    expect(value(ticked(done, "marks", false, at("09:31"))).done).toEqual({});
    expect(value(ticked(begun, "marks", true, at("09:10"))).timer?.step).toBe("cut");
  });

  it("that ran all night is not counted", () => {
    const begun = value(started(NEW_SEWING, "cut", at("09:00")));
    const forgotten = stopped(begun, "2026-11-03T07:00:00.000Z");
    expect(forgotten.ok ? "" : forgotten.problem.message).toContain("it has run 22: leave it uncounted");
    expect(started(begun, "marks", "2026-11-03T07:00:00.000Z").ok).toBe(false);
  });
});
