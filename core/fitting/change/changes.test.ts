import { describe, expect, it } from "vitest";
import {
  evaluate,
  sampleCarried,
  sampleChange,
  sampleFinding,
  sampleFrozen,
  sampleLength,
  samplePrototype,
} from "../../testing/index.ts";
import type { Judgement } from "../decide/judgement.ts";
import type { Fitting } from "../fitting.ts";
import { comparePrototypes } from "../prototype/comparePrototypes.ts";
import { expectedLossMm, layersThickness } from "../prototype/expectedLoss.ts";
import { explainLengthNow, explainLengthStrain } from "../prototype/explainLengthNow.ts";
import { frozenRings } from "../prototype/frozenRings.ts";
import { likedFromPrototype } from "../prototype/likedFromPrototype.ts";
import { nextLengths } from "../prototype/nextLengths.ts";
import { signOffState } from "../prototype/signOff.ts";
import { lengthsStepOn } from "../prototype/stepOn.ts";
import { zoneCourses } from "../prototype/zoneCourse.ts";
import type { Change } from "./change.ts";
import { limitsLeft, opposites, twice } from "./contradictions.ts";
import { cuttingTable, DOING_WORDS } from "./cuttingTable.ts";
import { asideWords } from "./cuttingWords.ts";
import { jobChanges, needsWord, openFindings, toCut } from "./jobChanges.ts";
import { holdsBack, linkedFor, ticked } from "./linkedLines.ts";
import { isTaken, ownFromStanding, type StandingChange } from "./standing.ts";

const judged = (own: Partial<Change>, verdict: Judgement["verdict"] | null = null) => ({
  change: sampleChange(own),
  judgement: verdict ? { fittingId: 1, residualMm: 0, verdict, note: "" } : null,
});

const fitting = (own: Partial<Fitting> = {}): Fitting => ({
  id: 41,
  prototypeId: 21,
  fittedOn: "2026-10-04",
  on: "wearer",
  way: "rightSideOut",
  over: "",
  notes: "",
  findings: [],
  readings: [],
  checks: [],
  version: 1,
  ...own,
});

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

const NOTHING_BEFORE = { rings: [], lengths: [] };

const WAISTS = [
  { id: "frontWaist", name: "Front, shoulder to waist", bodyMm: 440, cutMm: 422, codes: ["front_waist"] as const },
  { id: "backWaist", name: "Back, nape to waist", bodyMm: 410, cutMm: 394, codes: ["back_waist"] as const },
  {
    id: "trunk",
    name: "Trunk",
    bodyMm: 1600,
    cutMm: 1500,
    codes: ["front_waist", "crotch_front", "back_waist"] as const,
  },
];

const part = (id: "front" | "back", amountMm: number, readMm: number) => ({
  ...{ id, pieces: id, line: "lengthen line", lengthId: `${id}Waist`, amountMm, readMm, strain: 0.035 },
});

/** A waist line that sits too low, front and back by their own amounts. */
const movedWaist = (own: Partial<Change> = {}) =>
  sampleChange({
    ...{ id: 7, on: "line", remedy: "move-line", pieces: "front, back", line: "lengthen line", share: 1 },
    ...{ amountMm: -48.3, strain: 0, parts: [part("front", -48.3, 50), part("back", -25.6, 26.5)] },
    ...own,
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

describe("the cutting table", () => {
  const before = { rings: frozenRings(sampleFrozen()), lengths: nextLengths(WAISTS, []) };
  const only = (change: Change, finding = sampleFinding({ amountMm: 50 })) =>
    cuttingTable([{ change, finding }], before).flatMap(({ piece, lines }) => lines.map((line) => ({ piece, line })));

  it("moves a line on each piece by its own amount, up or down, from where to where, divided by the stretch there", () => {
    const lines = only(movedWaist());
    expect(lines.map(({ piece, line }) => [piece, DOING_WORDS[line.doing], line.amountMm])).toEqual([
      ["front", "Move up", -48.3],
      ["back", "Move up", -25.6],
    ]);
    const [front, back] = lines.map(({ line }) => asideWords(line, { unit: "cm" }));
    expect(front).toContain("Front, shoulder to waist: from 42.2 cm to 37.4 cm (−48.3 mm).");
    expect(front).toContain("Read 50 mm, all of it, on cloth stretched 3.5 %: divided by 1.035.");
    expect(back).toContain("Back, nape to waist: from 39.4 cm to 36.8 cm (−25.6 mm).");
    expect(back).not.toContain("Front, shoulder");
  });

  it("tells the way of every kind of change, and where nothing is divided", () => {
    const doing = (own: Partial<Change>) => only(sampleChange(own))[0]?.line.doing;
    expect(doing({ on: "line", amountMm: 5 })).toBe("down");
    expect(doing({ on: "edge", amountMm: -5 })).toBe("takeIn");
    expect(doing({ on: "length", amountMm: -5 })).toBe("overlap");
    expect(doing({ on: "elastic", amountMm: 5 })).toBe("longer");
    expect(doing({ on: "wire", remedy: "wire-tissue", amountMm: 5 })).toBe("raise");
    const [free] = only(sampleChange({ on: "edge", strain: 0 }));
    expect(free && asideWords(free.line, { unit: "cm" })).toContain("the cloth is not stretched there");
  });

  it("takes girths from what to what, one change after the other", () => {
    const table = cuttingTable(
      [sampleChange({ id: 1, amountMm: -10 }), sampleChange({ id: 2, amountMm: -4 })].map((change) => ({
        change,
        finding: null,
      })),
      before,
    );
    const waist = before.rings.find(({ zone }) => zone === "waist")?.nowMm ?? 0;
    expect(table[0]?.lines.map(({ courses }) => courses.map(({ fromMm, toMm }) => [fromMm, toMm]))).toEqual([
      [[waist, waist - 10]],
      [[waist - 10, waist - 14]],
    ]);
  });

  it("goes piece by piece, lengths first, and divides a girth over the edges of each piece", () => {
    const table = cuttingTable(
      [
        { change: sampleChange({ amountMm: -24 }), finding: sampleFinding() },
        {
          change: sampleChange({
            id: 2,
            on: "length",
            amountMm: 38,
            pieces: "front, back",
            line: "lengthen line",
            lengthId: "trunk",
          }),
          finding: null,
        },
        { change: sampleChange({ id: 3, on: "elastic", pieces: "edge elastic", amountMm: -6 }), finding: null },
      ],
      NOTHING_BEFORE,
    );
    expect(table.map(({ piece, lines }) => [piece, lines.map(({ change }) => change.id)])).toEqual([
      ["front", [2, 1]],
      ["back", [2, 1]],
      ["edge elastic", [3]],
    ]);
    expect(table[0]?.lines.map(({ amountMm, edges, doing }) => [amountMm, edges, doing])).toEqual([
      [19, 1, "spread"],
      [-6, 2, "takeIn"],
    ]);
  });

  it("moves a side seam by giving on one piece what it takes from the other", () => {
    const change = sampleChange({ on: "balance", remedy: "balance-back", amountMm: 8 });
    expect(cuttingTable([{ change, finding: null }], NOTHING_BEFORE).map(({ lines }) => lines[0]?.amountMm)).toEqual([
      -8, 8,
    ]);
  });

  it("tells work that is no amount, on the whole garment where no piece is named", () => {
    const change = sampleChange({ on: "making", pieces: "", amountMm: null, line: "Try the stitch again" });
    expect(cuttingTable([{ change, finding: null }], NOTHING_BEFORE)).toMatchObject([
      { piece: "whole garment", lines: [{ amountMm: null, doing: "work", line: "Try the stitch again" }] },
    ]);
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

describe("over the prototypes", () => {
  const sewn = [{ zone: "waist", side: "single", sewnMm: 660, text: "33 cm" }] as const;
  const first = samplePrototype({ sewn });
  const carried = sampleFrozen([{ changeId: 1, zone: "waist", side: "both", amountMm: -13 }]);
  const second = samplePrototype({ id: 22, number: 2, frozen: carried });
  const found = sampleFinding({
    change: sampleChange({ cutInto: 2 }),
    judgement: { fittingId: 42, residualMm: 0, verdict: "cured", note: "" },
  });
  const fittings = [fitting({ findings: [found, sampleFinding({ id: 32 })] })];

  it("each ring has its stages with what they do, and the findings still open", () => {
    const [waist] = zoneCourses([first, second], fittings, frozenRings(carried));
    expect(
      waist?.stages.map(({ prototype, stage, consequences }) => [prototype, stage, consequences.garmentMm]),
    ).toEqual([
      [1, "planned", 653],
      [1, "sewn", 660],
      [2, "planned", 640],
      [3, "next", 640],
    ]);
    expect(waist?.findings).toEqual([
      { prototype: 1, seen: 2, open: 1 },
      { prototype: 2, seen: 0, open: 0 },
    ]);
  });

  it("two are compared: what changed, what was cured, what is still open", () => {
    const compared = comparePrototypes(first, second, fittings);
    expect(compared.rings[0]).toMatchObject({
      zone: "waist",
      a: { plannedMm: 653, sewnMm: 660 },
      b: { plannedMm: 640, sewnMm: null },
    });
    expect(compared.changes.map(({ changeId }) => changeId)).toEqual([1]);
    expect([compared.judged.map(({ id }) => id), compared.stillOpen.map(({ id }) => id)]).toEqual([[31], [32]]);
  });

  it("lengths carry their changes, girths and lengths apart", () => {
    const lengths = [sampleLength({ id: "backRise", name: "Back rise", bodyMm: 372, cutMm: 340 })];
    const change = sampleCarried({ amountMm: -9 });
    expect(
      nextLengths(lengths, [sampleCarried({ ...change, on: "length", lengthId: "backRise" }), change])[0],
    ).toMatchObject({
      changedMm: -9,
      nowMm: 331,
    });
    const [waist] = frozenRings(sampleFrozen([{ ...change, on: "length", lengthId: "backRise" }]));
    expect(waist?.changedMm).toBe(0);
  });

  it("a signed-off one becomes a garment that fits, of what was measured only", () => {
    const own = { wearerId: 3, name: "Brief", measuredOn: "2026-11-01", notes: "" };
    expect(likedFromPrototype(first, own)).toMatchObject({
      clothId: 5,
      direction: "across",
      widthsMm: { waist: 330 },
      usable: null,
    });
    expect(likedFromPrototype(second, own)).toBeNull();
  });
});

it("seams take up their thickness: two plies of every layer each", () => {
  expect(expectedLossMm({ seams: 2, thicknessMm: 0.8 })).toBeCloseTo(3.2, 12);
  expect(layersThickness(samplePrototype(), () => 0.7)).toBeCloseTo(0.7, 12);
  expect(layersThickness(samplePrototype(), () => null)).toBeNull();
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
