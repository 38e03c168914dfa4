import { describe, expect, it } from "vitest";
import {
  evaluate,
  fitting,
  judged,
  movedWaist,
  sampleChange,
  sampleFinding,
  sampleFrozen,
  samplePrototype,
  WAISTS,
} from "../../testing/index.ts";
import type { Fitting } from "../fitting.ts";
import { explainLengthNow, explainLengthStrain } from "../prototype/explainLengthNow.ts";
import { frozenRings } from "../prototype/frozenRings.ts";
import { nextLengths } from "../prototype/nextLengths.ts";
import { signOffState } from "../prototype/signOff.ts";
import { lengthsStepOn } from "../prototype/stepOn.ts";
import type { Change } from "./change.ts";
import { limitsLeft, opposites, twice } from "./contradictions.ts";
import { jobChanges, needsWord, openFindings, toCut } from "./jobChanges.ts";
import { holdsBack, linkedFor, ticked } from "./linkedLines.ts";
import { isTaken, ownFromStanding, type StandingChange } from "./standing.ts";

describe("contradictions", () => {
  it("are two changes that pull one place opposite ways, unless the first was seen to go too far", () => {
    const first = { id: 1, amountMm: -12 };
    const second = { id: 2, amountMm: 9 };
    expect(opposites([judged(first), judged(second)])).toEqual([
      { what: "opposite", place: "waist", zone: "waist", changes: [1, 2] },
    ]);
    expect(opposites([judged(first, "better"), judged(second)])).toHaveLength(1);
    expect(opposites([judged(first, "overdone"), judged(second)])).toEqual([]);
    expect(opposites([judged(first), judged({ ...second, zone: "hip", spot: "hip" })])).toEqual([]);
    expect(opposites([judged({ ...first, side: "left" }), judged({ ...second, side: "right" })])).toEqual([]);
    expect(opposites([judged(first), judged({ ...second, amountMm: null })])).toEqual([]);
  });

  it("are told no more once both were cut and judged", () => {
    const [first, second] = [
      judged({ id: 1, amountMm: -12, cutInto: 2 }, "better"),
      judged({ id: 2, amountMm: 9, cutInto: 3 }, "cured"),
    ];
    expect(opposites([first, second])).toEqual([]);
    expect(opposites([first, judged({ id: 2, amountMm: 9, cutInto: 3 })])).toHaveLength(1);
    expect(opposites([first, judged({ id: 2, amountMm: 9 }, "cured")])).toHaveLength(1);
  });

  it("tell a place that goes back and forth, however it was judged", () => {
    const there = [-12, 9, -6].map((amountMm, index) => judged({ id: index + 1, amountMm }, "overdone"));
    expect(opposites(there)).toEqual([{ what: "backAndForth", place: "waist", zone: "waist", changes: [1, 2, 3] }]);
  });

  it("are limits of the style that only the changes leave, pressing, stretching or getting on", () => {
    const limits = { ...(sampleFrozen().style?.limits as never as { mostShare: number }), mostShare: 0.6 } as never;
    const pullOn = [{ ring: "waist" as const, passMm: 1008, limit: { usable: 0.62, setBy: "cloth" as const } }];
    const rings = (amountMm: number) =>
      frozenRings(sampleFrozen([{ changeId: 1, zone: "waist", side: "both", amountMm }]));
    expect(limitsLeft(rings(0), limits, pullOn)).toEqual([]);
    expect(limitsLeft(rings(-20), limits, pullOn)).toEqual([]);
    expect(limitsLeft(rings(-140), limits, pullOn).map(({ what }) => what)).toEqual(["limit", "pullOn"]);
  });
});

describe("lengths in the next plan", () => {
  it("follow a change front and back by their own amounts, and the sum of the segments follows both", () => {
    expect(nextLengths(WAISTS, [movedWaist()]).map(({ changedMm }) => changedMm)).toEqual([
      -48.3,
      -25.6,
      expect.closeTo(-73.9, 9),
    ]);
  });

  it("of the whole are not changes of a part", () => {
    const change = sampleChange({ on: "length", lengthId: "trunk", amountMm: 30 });
    expect(nextLengths(WAISTS, [change]).map(({ nowMm }) => nowMm)).toEqual([422, 394, 1530]);
  });

  it("are told planned, sewn, changed and now planned beside the prototype before", () => {
    const frozen = { ...sampleFrozen(), lengths: nextLengths(WAISTS, []) };
    const before = samplePrototype({ frozen, sewnLengths: [{ id: "backWaist", sewnMm: 401, text: "40.1 cm" }] });
    const [front, back] = lengthsStepOn(before, nextLengths(WAISTS, [movedWaist()]));
    expect(front).toMatchObject({ beforeMm: 422, sewnMm: null, changedSinceMm: -48.3, nowMm: 373.7, movedMm: 0 });
    expect(back).toMatchObject({ beforeMm: 394, sewnMm: 401, sewing: { errorMm: 7, flagged: true }, nowMm: 368.4 });
  });

  it("open the changes they carry by a formula that gives them", () => {
    const all = nextLengths(WAISTS, [movedWaist()]);
    for (const length of all) {
      const explanation = explainLengthNow(length, [{ ...movedWaist(), changeId: 7 }], { source: "plan", all });
      expect(evaluate(explanation)).toBeCloseTo(length.nowMm, 9);
      expect(evaluate(explainLengthStrain(length))).toBeCloseTo(length.bodyMm / length.nowMm - 1, 9);
    }
  });
});

describe("changes that take the same thing twice", () => {
  const pool = (own: Partial<Change> = {}) =>
    sampleChange({ on: "length", lengthId: "backWaist", spot: "smallOfBack", pieces: "back", amountMm: -25.9, ...own });
  const named = (...changes: Change[]) =>
    twice(
      changes.map((change) => ({ change, judgement: null })),
      WAISTS,
    ).map((one) => (one.what === "twice" ? [one.place, one.changes, one.togetherMm] : []));

  it("are named: one pool entered twice, a pool and a moved waist on the same back", () => {
    expect(named(pool({ id: 1 }), pool({ id: 2 }))).toEqual([["backWaist", [1, 2], -51.8]]);
    expect(named(pool({ id: 1 }), movedWaist())).toEqual([["backWaist", [1, 7], expect.closeTo(-51.5, 9)]]);
    expect(named(sampleChange({ id: 1 }), sampleChange({ id: 2 }))).toEqual([["waist", [1, 2], -27.4]]);
  });

  it("are named where one length lies within the other", () => {
    expect(named(pool({ id: 1 }), pool({ id: 2, lengthId: "trunk" }))).toEqual([["trunk", [1, 2], -51.8]]);
  });

  it("are not: on the other side, the other way, at another place, or with a prototype between them", () => {
    expect(named(sampleChange({ id: 1, side: "left" }), sampleChange({ id: 2, side: "right" }))).toEqual([]);
    expect(named(pool({ id: 1 }), pool({ id: 2, amountMm: 20 }))).toEqual([]);
    expect(named(pool({ id: 1 }), pool({ id: 2, lengthId: "frontWaist" }))).toEqual([]);
    expect(named(pool({ id: 1, cutInto: 2 }), pool({ id: 2 }))).toEqual([]);
  });
});

describe("linked pieces", () => {
  const layers = [{ name: "Shell" }, { name: "Net" }];

  it("are the inner layers of every changed piece, and none of hardware", () => {
    expect(linkedFor("front, back", layers)).toEqual([
      { piece: "front: layer 2, Net", ticked: false },
      { piece: "back: layer 2, Net", ticked: false },
    ]);
    expect(linkedFor("edge elastic", layers)).toEqual([]);
    expect(linkedFor("front", [{ name: "Shell" }])).toEqual([]);
  });

  it("hold a prototype back until all are ticked or somebody says why not", () => {
    const linked = linkedFor("front, back", layers);
    expect(holdsBack({ linked, untickedReason: "" })).toBe(true);
    expect(holdsBack({ linked, untickedReason: "The net is cut anew anyway." })).toBe(false);
    expect(
      holdsBack({ linked: ticked(linked, ["front: layer 2, Net", "back: layer 2, Net"]), untickedReason: "" }),
    ).toBe(false);
    expect(holdsBack({ linked: ticked(linked, ["front: layer 2, Net"]), untickedReason: "" })).toBe(true);
  });
});

describe("what a job has still to do", () => {
  const open = sampleFinding({ id: 32 });
  const decided = sampleFinding({ change: sampleChange() });
  const cut = sampleFinding({ id: 33, change: sampleChange({ id: 3, cutInto: 2 }) });

  it("is cut with what was decided and is in no prototype yet, own changes included", () => {
    const own = { change: sampleChange({ id: 9, findingId: null, decision: "own" }), judgement: null };
    const changes = jobChanges([{ findings: [open, decided, cut] }], [own]);
    expect(toCut(changes).map(({ change }) => change.id)).toEqual([1, 9]);
  });

  it("wants a word on every finding but how it feels", () => {
    expect(openFindings([{ findings: [open, decided] }]).map(({ id }) => id)).toEqual([32]);
    expect(needsWord(sampleFinding({ kind: "comfort" }))).toBe(false);
  });

  it("before it is signed off: open, uncut, unjudged and untried, each by name", () => {
    const checks = [{ id: "sit", name: "Sit", how: "", seconds: 30 }] as const;
    const state = (own: Partial<Fitting>) => signOffState([samplePrototype()], [fitting(own)], checks);
    expect(state({ findings: [open, decided, cut] })).toMatchObject({
      undecided: [{ id: 32 }],
      uncut: [{ id: 31 }],
      unjudged: [{ id: 33 }],
      untried: [{ id: "sit" }],
      clean: false,
    });
    expect(state({ checks: [{ check: "sit", outcome: "fail", note: "" }] })).toMatchObject({
      failed: [{ id: "sit" }],
      clean: false,
    });
    expect(state({ checks: [{ check: "sit", outcome: "pass", note: "" }] }).clean).toBe(true);
    expect(signOffState([], [], checks)).toMatchObject({ prototype: null, fitted: false });
  });
});

it("a standing change is taken into a job once, with the lines of the job's own layers", () => {
  const standing: StandingChange = {
    ...{ id: 4, wearerId: 3, chartId: null, words: "Sway back", madeOn: "2026-09-20" },
    ...{
      on: "length",
      spot: "smallOfBack",
      zone: "waist",
      side: "both",
      lengthId: "backRise",
      pieces: "back",
      line: "",
      amountMm: -9,
    },
  };
  const own = ownFromStanding(standing, [{ name: "Shell" }, { name: "Net" }]);
  expect(own).toMatchObject({
    decision: "own",
    amountMm: -9,
    reason: "Sway back",
    linked: [{ piece: "back: layer 2, Net", ticked: false }],
  });
  const taken = { change: { ...sampleChange(), ...own, id: 9, cutInto: null }, judgement: null };
  expect([isTaken(standing, []), isTaken(standing, [taken])]).toEqual([false, true]);
});
