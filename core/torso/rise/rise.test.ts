import { describe, expect, it } from "vitest";
import { reckoned } from "../../calculation/index.ts";
import { toldAt } from "../../standing/index.ts";
import { sampleBody } from "../../testing/index.ts";
import { girthAtHeight } from "./edgeByHeight.ts";
import { reckonRise } from "./rise.ts";
import type { RiseFacts } from "./riseNeed.ts";
import { NEW_RISE, type RiseWorking } from "./working.ts";

const facts = (own: Partial<RiseFacts> = {}): RiseFacts => ({
  body: sampleBody({
    waist: 740,
    high_hip: 900,
    hip: 1000,
    waist_to_high_hip: 100,
    waist_to_hip: 200,
    crotch_depth: 268,
  }),
  drops: { front: 80, back: 60, side: 70 },
  front: { bodyMm: 320, cutPerMm: 0.95 },
  back: { bodyMm: 370, cutPerMm: 0.95 },
  noPlan: null,
  garment: { waist: 640, highHip: 780, hip: 860 },
  drawnElastic: null,
  ownTopEdge: true,
  elsewhere: {},
  ...own,
});
const numbers = (working: Partial<RiseWorking>, own: Partial<RiseFacts> = {}) =>
  Object.fromEntries(
    reckonRise({ ...NEW_RISE, ...working }, facts(own)).numbers.map(({ id, explanation }) => [
      id,
      explanation.result.value,
    ]),
  );

describe("rises", () => {
  it("by hand: needed less pattern, each side from its own drop", () => {
    const found = numbers({ frontRiseMm: 220, backRiseMm: 300, dropBackMm: 50 });
    expect(found.frontRise).toBeCloseTo((320 - 80) * 0.95, 9);
    expect(found.frontRiseChange).toBeCloseTo(228 - 220, 9);
    expect(found.backRiseChange).toBeCloseTo((370 - 50) * 0.95 - 300, 9);
  });

  it("put the top edge at another height: girth between the levels, elastic anew", () => {
    const found = numbers({});
    // 70 mm below the waist: 0.7 of the way to the high hip.
    expect(found.edgeBody).toBeCloseTo(740 + 0.7 * 160, 9);
    expect(found.edgeGarment).toBeCloseTo(640 + 0.7 * 140, 9);
    expect(found.elastic).toBeCloseTo(738 * 0.92 + 10, 9);
    const higher = numbers({ dropFrontMm: 40, dropBackMm: 40, elasticRatio: 0.9 });
    expect(higher.elastic).toBeCloseTo((640 + 0.4 * 140) * 0.9 + 10, 9);
  });

  it("have one elastic with the step Elastics while the edge stays where its pieces are drawn", () => {
    const number = reckoned("waist//", "Elastic of the waist, cut", {
      ...{ formula: "cut = made + join", terms: [], result: { value: 690, unit: "length" as const } },
    });
    const drawnElastic = { number, drops: { front: 80, back: 60, side: 70 } };
    expect(numbers({}, { drawnElastic }).elastic).toBe(690);
    // The ratio was said there too.
    expect(numbers({ elasticRatio: 0.8 }, { drawnElastic }).elastic).toBe(690);
    expect(numbers({ dropFrontMm: 40, dropBackMm: 40 }, { drawnElastic }).elastic).toBeCloseTo(
      (640 + 0.4 * 140) * 0.92 + 10,
      9,
    );
  });

  it("are taken as Pieces and Pattern were told, where nothing is typed here", () => {
    const elsewhere = {
      ...toldAt("Pieces", { dropFrontMm: 30, dropSideMm: 100 }),
      ...toldAt("Pattern", { frontRiseMm: 280 }),
    };
    const found = numbers({ dropBackMm: 50 }, { elsewhere });
    expect(found.frontRise).toBeCloseTo((320 - 30) * 0.95, 9);
    expect(found.frontRiseChange).toBeCloseTo(290 * 0.95 - 280, 9);
    // Front 30, back 50, each side 100: 70 in the middle of the way round.
    expect(found.edgeBody).toBeCloseTo(740 + 0.7 * 160, 9);
    const { numbers: told } = reckonRise(NEW_RISE, facts({ elsewhere }));
    expect(told[0]?.explanation.terms[1]?.source).toBe("typed at Pieces");
    expect(told[1]?.explanation.terms[1]?.source).toBe("typed at Pattern");
  });

  it("say where the edge would sit if they were left as drawn", () => {
    const found = numbers({ frontRiseMm: 228 - 19, backRiseMm: 294.5 - 19 });
    expect(found.edgeLeft).toBeCloseTo(70 + 20, 6);
    expect(found.edgeLeftBody).toBeCloseTo(740 + 0.9 * 160, 6);
  });

  it("compare depth with depth, and ask for a measure only where the pattern has something to hold against it", () => {
    expect(numbers({ depthMm: 190 }).depth).toBeCloseTo(268 - 70 - 190, 9);
    expect(reckonRise(NEW_RISE, facts()).lacks).toEqual([]);
    expect(reckonRise({ ...NEW_RISE, inseamMm: 700 }, facts()).lacks).toEqual([
      { what: "measure", code: "inseam", side: "single" },
    ]);
  });

  it("know nothing above the waist or below the hip", () => {
    const levels = [
      { belowWaistMm: 0, girthMm: 740 },
      { belowWaistMm: 200, girthMm: 1000 },
    ];
    expect(girthAtHeight(levels, 200)).toEqual({ ok: true, value: 1000 });
    expect(girthAtHeight(levels, 201)).toMatchObject({ ok: false, problem: { code: "height-outside" } });
    expect(reckonRise({ ...NEW_RISE, dropFrontMm: 250, dropBackMm: 250 }, facts()).warnings).toEqual([
      expect.stringContaining("0 to 200 mm below the waist"),
    ]);
  });

  it("of an edge at the crotch or below have no number, and say so", () => {
    const deep = reckonRise({ ...NEW_RISE, dropFrontMm: 320, frontRiseMm: 100 }, facts());
    expect(deep.numbers.map(({ id }) => id)).not.toContain("frontRise");
    expect(deep.warnings[0]).toContain("Front: the edge would sit at the crotch");
  });

  it("of a one-piece have no top edge of their own", () =>
    expect(Object.keys(numbers({}, { ownTopEdge: false }))).not.toContain("elastic"));
});
