import { describe, expect, it } from "vitest";
import { fitting, sampleChange, sampleFinding, samplePrototype } from "../../testing/index.ts";
import type { Fitting } from "../fitting.ts";
import { likedFromPrototype } from "./likedFromPrototype.ts";
import { signOffState } from "./signOff.ts";

const CHECKS = [
  { id: "stand", name: "Stand" },
  { id: "sit", name: "Sit" },
] as never as Parameters<typeof signOffState>[2];
const passed = [
  { check: "stand", outcome: "pass", note: "" },
  { check: "sit", outcome: "pass", note: "" },
] as const;

const stateOf = (...fittings: readonly Partial<Fitting>[]) =>
  signOffState([samplePrototype()], fittings.map(fitting), CHECKS);

describe("a job is signed off clean", () => {
  it("where everything was decided, cut and judged, and every check passed", () => {
    const cured = sampleFinding({
      change: sampleChange({ cutInto: 2 }),
      judgement: { fittingId: 1, residualMm: 0, verdict: "cured", note: "" },
    });
    expect(stateOf({ findings: [cured], checks: passed })).toMatchObject({ clean: true, fitted: true });
  });

  it.each([
    ["a finding without a word", { findings: [sampleFinding()] }, "undecided"],
    ["a change in no prototype", { findings: [sampleFinding({ change: sampleChange() })] }, "uncut"],
    [
      "one that waits for a step",
      { findings: [sampleFinding({ change: sampleChange({ decision: "waiting" }) })] },
      "waiting",
    ],
    ["a change nobody judged", { findings: [sampleFinding({ change: sampleChange({ cutInto: 2 }) })] }, "unjudged"],
    ["a check that failed", { checks: [passed[0], { check: "sit", outcome: "fail", note: "" }] }, "failed"],
    ["a check not tried", { checks: [passed[0]] }, "untried"],
  ] as const)("but not with %s", (_told, own, list) => {
    const state = stateOf({ checks: passed, ...own });
    expect(state.clean).toBe(false);
    const lists = ["undecided", "uncut", "waiting", "unjudged", "failed", "untried"] as const;
    expect(lists.filter((name) => state[name].length > 0)).toEqual([list]);
  });

  it("by the last word on each check", () => {
    const first = { checks: [{ check: "sit", outcome: "fail", note: "" }] } as const;
    expect(stateOf(first, { checks: passed }).failed).toEqual([]);
    expect(stateOf({ checks: passed }, first).failed.map(({ id }) => id)).toEqual(["sit"]);
  });

  it("by checks of the last prototype only", () => {
    const prototypes = [samplePrototype(), samplePrototype({ id: 22, number: 2 })];
    const state = signOffState(prototypes, [fitting({ checks: passed })], CHECKS);
    expect(state).toMatchObject({ fitted: false, prototype: { number: 2 } });
    expect(state.untried).toHaveLength(2);
  });

  it("never without a prototype", () => {
    expect(signOffState([], [], CHECKS)).toMatchObject({ prototype: null, fitted: false, clean: false });
  });
});

describe("a signed-off prototype as a garment that fits", () => {
  const own = { wearerId: 3, name: "Brief", measuredOn: "2026-11-01", notes: "" };
  const ring = (zone: "waist" | "leg", side: "single" | "left" | "right", sewnMm: number) => ({
    zone,
    side,
    sewnMm,
    text: "",
  });

  it("has half of each girth as its width, of two legs the wider", () => {
    const sewn = [ring("waist", "single", 648), ring("leg", "left", 536), ring("leg", "right", 540)];
    expect(likedFromPrototype(samplePrototype({ sewn }), own)).toMatchObject({
      ...own,
      widthsMm: { waist: 324, leg: 270 },
      direction: "across",
    });
  });

  it("takes its stretch from the shelf, unless layers together stretch less", () => {
    const sewn = [ring("waist", "single", 648)];
    const one = samplePrototype({ sewn });
    expect(likedFromPrototype(one, own)?.usable).toBeNull();
    const two = { ...one.frozen, layers: [...one.frozen.layers, ...one.frozen.layers] };
    expect(likedFromPrototype({ sewn, frozen: two }, own)?.usable).toBe(one.frozen.stretch.usable);
  });

  it("is none where nothing of it was measured", () => {
    expect(likedFromPrototype(samplePrototype(), own)).toBeNull();
  });
});
