import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { checkDraft, type Draft, operate } from "../../drafting/index.ts";
import { BRIEF_FACTS, evaluate, ONE_PIECE_FACTS, sampleDraft } from "../../testing/index.ts";
import { broughtTo } from "./brought.ts";
import { explainBeside, LIKED_POINTS, measuresBeside } from "./index.ts";

const TOP = {
  measures: { bust: 900, bust_front_arc: 480, apex_span: 180 },
  girths: { bust: 840, waist: 700, hip: 930 },
  lengths: { back_waist: 400, front_waist: 420, shoulder_to_apex: 255, waist_to_hip: 200 },
  options: {},
};
const DRAFTS: Readonly<Record<string, Draft>> = {
  brief: sampleDraft("brief", BRIEF_FACTS),
  camisole: sampleDraft("camisole", TOP),
  onePiece: sampleDraft("onePiece", ONE_PIECE_FACTS),
  strap: sampleDraft("rectangle", {
    measures: {},
    girths: {},
    lengths: {},
    options: { kind: "strap", width: 10, length: 330 },
  }),
};
const POINTS = Object.entries(DRAFTS).flatMap(([name, draft]) =>
  LIKED_POINTS.filter((point) => point.measure(draft)).map((point) => ({ name, draft, point, id: point.id })),
);

it("finds the lengths of each on its pieces", () =>
  expect(POINTS.map(({ name, id }) => `${name} ${id}`)).toEqual([
    "brief frontRise",
    "brief backRise",
    "camisole armhole",
    "onePiece neckDepthFront",
    "onePiece neckDepthBack",
    "onePiece armhole",
    "strap strap",
  ]));

it("measures a rise to the crotch point, by hand: what was planned of the body, as cut", () =>
  expect(
    measuresBeside(DRAFTS.brief as Draft, { widthsMm: {}, lengthsMm: { frontRise: 312, sleeve: 100 } }).map(
      ({ drawn }) => drawn?.result.value,
    ),
  ).toEqual([expect.closeTo(320, 2), undefined]));

describe.each(POINTS)("$id of a $name", ({ draft, point, id }) => {
  const now = point.measure(draft)?.mm ?? 0;

  it("is brought to that of a garment that fits, longer or shorter, and breaks no rule of seams", () =>
    fc.assert(
      fc.property(fc.double({ min: -3, max: 15, noNaN: true }), (by) => {
        const calls = broughtTo(draft, point, now + by);
        if (!calls.ok) throw new Error(calls.problem.message);
        const done = operate(draft, calls.value);
        if (!done.ok) throw new Error(done.problem.message);
        expect(point.measure(done.value.draft)?.mm).toBeCloseTo(now + by, 1);
        const broken = checkDraft(done.value.draft).filter(
          ({ ok, id: rule }) => !ok && rule !== "elasticsTakeUp" && rule !== "limitsKept",
        );
        expect(broken.map(({ message }) => message)).toEqual([]);
      }),
      { numRuns: 12 },
    ));

  it("has its way, and its difference has one", () => {
    const [beside] = measuresBeside(draft, { widthsMm: {}, lengthsMm: { [id]: now - 7 } });
    if (!beside?.drawn) throw new Error("It is not measured.");
    expect(evaluate(beside.drawn)).toBeCloseTo(now, 9);
    const difference = explainBeside(beside, beside.drawn, "Blue suit");
    expect(difference.result.value).toBeCloseTo(7, 9);
    expect(evaluate(difference)).toBeCloseTo(7, 9);
  });
});

it("lays its widths over the girths of the pieces, doubled, in body order", () => {
  const brief = DRAFTS.brief as Draft;
  const beside = measuresBeside(brief, { widthsMm: { hip: 440, waist: 318, bust: 400 }, lengthsMm: { backRise: 366 } });
  expect(beside.map(({ name, likedMm }) => [name, likedMm])).toEqual([
    ["Waist", 636],
    ["Back rise", 366],
  ]);
  const [waist] = beside;
  expect(waist?.drawn && explainBeside(waist, waist.drawn, "Blue brief").result.value).toBeCloseTo(4, 2);
});

it("says where pieces have no such length, and where no step comes to it", () => {
  const [first] = LIKED_POINTS;
  const brief = DRAFTS.brief as Draft;
  expect(first && broughtTo(brief, first, 300)).toMatchObject({ problem: { code: "no-length" } });
  const stuck = { id: "strap" as const, measure: () => ({ mm: 100, formula: "L = s", terms: [] }), longer: () => [] };
  expect(broughtTo(brief, stuck, 120)).toMatchObject({ problem: { code: "no-nearer" } });
  expect(broughtTo(brief, stuck, 100)).toEqual({ ok: true, value: [] });
});
