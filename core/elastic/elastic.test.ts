import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { monotoneCubic, type TensionCurve } from "../cloth/index.ts";
import { EDGE_PLACES, type EdgePlaceId } from "./edgePlace.ts";
import type { ElasticAt, ElasticTested } from "./elasticEdge.ts";
import { judgedElastic } from "./judged.ts";
import { ELASTIC_SCHOOLS, elasticSchoolOf } from "./schools/index.ts";

const force: TensionCurve = {
  cubic: monotoneCubic([
    [0, 0],
    [0.1, 0.6],
    [0.2, 1.4],
    [0.3, 2.3],
    [0.5, 4.7],
  ]),
  pooledBy: 0,
};
const edge = (own: Partial<ElasticAt> = {}): ElasticAt => ({
  ...{ at: "waist", edgeMm: 640, bodyMm: 700, widthMm: 8, joinMm: 10 },
  ...own,
});
const UNTESTED: ElasticTested = { forceN: null, recovery: null, usable: null };
const TESTED: ElasticTested = { forceN: force, recovery: 0.9, usable: 0.8 };
const NOTHING = { ratio: null, pressureKpa: null, chartMm: null };
const made = (school: string, own = {}, tested = TESTED, at: Partial<ElasticAt> = {}) =>
  elasticSchoolOf(school)?.makes(edge(at), tested, { ...NOTHING, ...own });
const mm = (answer: ReturnType<typeof made>) => (answer?.ok ? answer.value.madeMm : answer?.problem.code);

describe("the four schools", () => {
  it("by hand: as the edge, by its place or another ratio, as the chart has it", () => {
    expect(mm(made("feel"))).toBe(640);
    expect(mm(made("ratio"))).toBeCloseTo(640 * 0.92, 9);
    expect(mm(made("ratio", { ratio: 0.85 }))).toBeCloseTo(544, 9);
    expect(mm(made("chart", { chartMm: 590 }))).toBe(590);
  });

  it("by tension press with what was asked for, whatever that is", () =>
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 4, noNaN: true }), fc.constantFrom(4, 8, 12, 20), (kpa, widthMm) => {
        const answer = made("tension", { pressureKpa: kpa }, TESTED, { widthMm });
        if (!answer?.ok) throw new Error("It is reached.");
        const { load } = judgedElastic(answer.value.madeMm, edge({ widthMm }), TESTED, null);
        expect(load?.pressureKpa).toBeCloseTo(kpa, 6);
      }),
    ));

  it("name what they lack, and what no elastic can", () => {
    expect(mm(made("tension"))).toBe("no-pressure");
    expect(mm(made("tension", { pressureKpa: 1 }, UNTESTED))).toBe("no-curve");
    expect(mm(made("chart"))).toBe("no-chart-row");
    const level: TensionCurve = {
      cubic: monotoneCubic([
        [0, 0],
        [0.1, 1],
        [0.2, 1],
        [0.3, 1],
      ]),
      pooledBy: 0,
    };
    expect(mm(made("tension", { pressureKpa: 5 }, { ...TESTED, forceN: level }))).toBe("unreachable");
    const feel = made("feel");
    expect(feel?.ok && feel.value.notes[0]).toContain("says nothing of grip");
  });

  it("have a ratio for every place, none above its edge", () => {
    for (const { id, ratio } of EDGE_PLACES) {
      expect(mm(made("ratio", {}, TESTED, { at: id }))).toBeCloseTo(640 * ratio, 9);
      expect(ratio).toBeLessThanOrEqual(1);
    }
    expect(new Set(ELASTIC_SCHOOLS.map(({ id }) => id)).size).toBe(4);
  });
});

describe("an elastic at its edge", () => {
  const judged = (madeMm: number, tested = TESTED, at: Partial<ElasticAt> = {}, pass: number | null = null) =>
    judgedElastic(madeMm, edge(at), tested, pass);

  it("by hand: its cut, its part of the edge, its strain, its growth", () => {
    expect(judged(560)).toMatchObject({
      ...{ cutMm: 570, partOfEdge: 0.875, verdict: "sits", grips: true },
      wornStrain: expect.closeTo(0.25, 12),
      grown: { lengthMm: expect.closeTo(560 * 1.025, 9), strain: expect.closeTo(700 / 574 - 1, 9) },
    });
  });

  it("gathers, sits or flutes by its part of the edge, and rounding changes none of them", () => {
    expect([479, 480, 640, 641].map((length) => judged(length).verdict)).toEqual(["gathers", "sits", "sits", "flutes"]);
    expect(judged(0.75 * 640 * (1 - 1e-12)).verdict).toBe("sits");
    expect(judged(640 * (1 + 1e-12)).verdict).toBe("sits");
  });

  it("lies loose where it is longer than the body: it pulls with nothing and grows by nothing", () => {
    const loose = judged(720);
    expect(loose).toMatchObject({
      grips: false,
      load: { forceN: 0, pressureKpa: 0, band: "easy" },
      grown: { lengthMm: 720 },
    });
  });

  it("stops at a leg where a waist is firm, and at every edge but waist and underbust", () => {
    // 2.7 kPa under 8 mm round 700 mm of body.
    const answer = made("tension", { pressureKpa: 2.7 });
    const length = answer?.ok ? answer.value.madeMm : Number.NaN;
    const bands = EDGE_PLACES.map(({ id }) => [id, judged(length, TESTED, { at: id as EdgePlaceId }).load?.band]);
    expect(Object.fromEntries(bands)).toEqual({
      ...{ legFront: "stop", legBack: "stop", waist: "firm", lowWaist: "firm", neckStraight: "stop" },
      ...{ neckDeep: "stop", armhole: "stop", underbust: "firm", cutOut: "stop" },
    });
  });

  it("is put on over what it passes within what it stretches, or hardly, or not; and nothing is said where that is not known", () => {
    expect([1000, 1050, 1100].map((pass) => judged(560, TESTED, {}, pass).putOn?.verdict)).toEqual([
      "goes",
      "hard",
      "closure",
    ]);
    expect(judged(560, UNTESTED, {}, 1000)).toMatchObject({ putOn: null, load: null, grown: null });
  });

  it("says where it is worn further than it was tested", () => {
    expect(judged(450).load?.beyondTest).toBe(true);
    expect(judged(560).load?.beyondTest).toBe(false);
  });
});
