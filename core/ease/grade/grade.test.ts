import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sizes } from "../../testing/index.ts";
import { costOf, type GradeInput, gradeSizes } from "./gradeSizes.ts";
import type { ChartSize } from "./sizeChart.ts";

const graded = (input: GradeInput) => {
  const answer = gradeSizes(input);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value;
};

describe("the cost of a size", () => {
  it("is the excess, or twice the lack", () => {
    expect([costOf(700, 680), costOf(680, 680), costOf(660, 680)]).toEqual([20, 0, 40]);
  });

  it("holds bodies against bodies where one size states no finished girth", () => {
    const chart: ChartSize[] = [
      { name: "S", body: { waist: 660 }, finished: { waist: 600 } },
      { name: "M", body: { waist: 700 }, finished: {} },
    ];
    const input = { zones: ["waist"], sizes: chart, body: { waist: 690 }, target: { waist: 610 }, maxStep: 1 } as const;
    expect(graded(input).zones[0]).toMatchObject({ against: "body", costs: [60, 10], free: 1 });
  });
});

describe("sizes within the step", () => {
  const first = { waist: 600, hip: 800 };
  const input = (waist: number, hip: number, maxStep = 1): GradeInput => ({
    zones: ["waist", "hip"],
    sizes: sizes(6, first),
    body: { waist: waist + 60, hip: hip + 60 },
    target: { waist, hip },
    maxStep,
  });

  it("are the free ones where those keep to it", () => {
    const { zones, cost } = graded(input(640, 880));
    expect(zones.map(({ free, chosen }) => [free, chosen])).toEqual([
      [1, 1],
      [2, 2],
    ]);
    expect(cost).toBe(0);
  });

  it("give way where they cost least together: by hand, waist 1 and hip 4 become 3 and 4", () => {
    // Waist costs 0, 40, 80, 120 …; hip costs 240, 160, 80, 0. Pairs one apart: (0,1) 160, (1,2) 120, (2,3) 80, (3,3) 120.
    const { zones, cost } = graded(input(600, 920));
    expect(zones.map(({ free }) => free)).toEqual([0, 3]);
    expect(zones.map(({ chosen }) => chosen)).toEqual([2, 3]);
    expect(cost).toBe(80);
  });

  it("are one and the same with no step at all", () => {
    const { zones } = graded(input(600, 920, 0));
    expect(new Set(zones.map(({ chosen }) => chosen)).size).toBe(1);
  });

  it("are the larger of two that cost the same", () => {
    // 20 mm too large costs 20; 10 mm too small costs 20 as well.
    const chart: ChartSize[] = [
      { name: "S", body: {}, finished: { waist: 690 } },
      { name: "M", body: {}, finished: { waist: 720 } },
    ];
    const tie = { zones: ["waist"], sizes: chart, body: { waist: 760 }, target: { waist: 700 }, maxStep: 1 } as const;
    expect(graded(tie).zones[0]).toMatchObject({ costs: [20, 20], free: 1, chosen: 1 });
  });

  it("are never further apart than the step, and no other set within it costs less", () => {
    const girth = fc.integer({ min: 560, max: 1000 });
    fc.assert(
      fc.property(girth, girth, girth, fc.integer({ min: 0, max: 3 }), (bust, waist, hip, maxStep) => {
        const target = { bust, waist, hip };
        const chart = sizes(5, { bust: 700, waist: 600, hip: 800 });
        const { zones, cost } = graded({
          zones: ["bust", "waist", "hip"],
          sizes: chart,
          body: target,
          target,
          maxStep,
        });
        const near = zones.slice(1).every(({ chosen }, at) => Math.abs(chosen - (zones[at]?.chosen ?? 0)) <= maxStep);
        const all = [0, 1, 2, 3, 4];
        const best = Math.min(
          ...all.flatMap((a) =>
            all.flatMap((b) =>
              all
                .filter((c) => Math.abs(a - b) <= maxStep && Math.abs(b - c) <= maxStep)
                .map((c) => [a, b, c].reduce((sum, size, at) => sum + (zones[at]?.costs[size] ?? 0), 0)),
            ),
          ),
        );
        return near && Math.abs(cost - best) < 1e-9;
      }),
      { seed: 20261125 },
    );
  });

  it("cannot be chosen without a size, a zone, a body or a girth in the chart", () => {
    const code = (own: Partial<GradeInput>) => {
      const answer = gradeSizes({ ...input(600, 800), ...own });
      return answer.ok ? null : answer.problem.code;
    };
    expect(code({ sizes: [] })).toBe("no-size");
    expect(code({ zones: [] })).toBe("no-zone");
    expect(code({ body: { waist: 660 } })).toBe("zone-without-body");
    expect(code({ zones: ["waist", "bust"], body: { waist: 1, bust: 1 }, target: { waist: 1, bust: 1 } })).toBe(
      "chart-has-no-zone",
    );
  });
});
