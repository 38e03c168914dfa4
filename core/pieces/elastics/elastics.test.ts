import { describe, expect, it } from "vitest";
import { edgeLength, edgeOf, pieceOf } from "../../drafting/index.ts";
import { BRIEF_FACTS, evaluate, SAMPLE_ELASTIC, sampleDraft } from "../../testing/index.ts";
import { explainCut, explainPress, explainWorn, JOIN_MM, ringBySchools } from "./cutRing.ts";
import { type ElasticRing, elasticRings } from "./rings.ts";

const brief = sampleDraft("brief", BRIEF_FACTS);
const stretch = { along: { front: 1, back: 1, side: 1 }, round: { waist: 740 / 640 } };
const rings = elasticRings(brief, stretch);
const ringOf = (name: string): ElasticRing => {
  const ring = rings.find((one) => one.name === name);
  if (!ring) throw new Error(`There is no ${name}.`);
  return ring;
};
const mm = (piece: string, edge: string) => edgeLength(edgeOf(pieceOf(brief, piece), edge));

describe("rings of elastic of drawn pieces", () => {
  it("are the leg, and the waist as whichever it is", () =>
    expect(rings.map(({ name }) => name)).toEqual(["leg edge", "waist", "low scoop waist"]));

  it("of a leg have a front to the crotch point and a back from there, by hand", () => {
    const leg = ringOf("leg edge");
    const front = mm("front", "leg") + 0.4 * mm("gusset", "side");
    expect(leg.parts.map((part) => part.edgeMm)).toEqual([
      expect.closeTo(front, 9),
      expect.closeTo(mm("back", "leg") + 0.6 * mm("gusset", "side"), 9),
    ]);
    const [feel, ratio] = ringBySchools(leg);
    expect(feel?.madeMm).toBeCloseTo(leg.edgeMm, 9);
    expect(ratio?.madeMm).toBeCloseTo(front + 0.88 * (leg.edgeMm - front), 9);
    expect(ratio?.changesMm).toEqual([expect.closeTo(front, 9)]);
    expect(ratio?.quartersMm.map((quarter) => quarter / (ratio?.madeMm ?? 1))).toEqual([0.25, 0.5, 0.75]);
    expect(leg.bodyMm).toBe(622);
  });

  it("of a waist go round front and back, both sides, and lie on the body there", () => {
    const waist = ringOf("waist");
    expect(waist.edgeMm).toBeCloseTo(2 * (mm("front", "waist") + mm("back", "waist")), 9);
    expect(waist.bodyMm).toBeCloseTo((waist.edgeMm * 740) / 640, 6);
    const [, ratio] = ringBySchools(waist);
    expect(ratio).toMatchObject({
      cutMm: expect.closeTo(waist.edgeMm * 0.92 + JOIN_MM, 9),
      verdict: "sits",
      grips: true,
    });
    expect(ratio?.wornStrain).toBeCloseTo(740 / 640 / 0.92 - 1, 6);
  });

  it("say nothing of grip where what they lie on is not known", () => {
    const unknown = elasticRings(brief, { ...stretch, round: {} }).find(({ name }) => name === "waist");
    if (!unknown) throw new Error("There is a waist.");
    expect(unknown.bodyMm).toBeNull();
    const [, ratio] = ringBySchools(unknown);
    expect(ratio).toMatchObject({ wornStrain: null, grips: null, partOfEdge: expect.closeTo(0.92, 9) });
    expect(() => ratio && explainWorn(unknown, ratio)).toThrow("not known");
  });

  it("press with what a tested elastic pulls with, and say nothing of it untested or off a body", () => {
    const waist = ringOf("waist");
    const [, ratio] = ringBySchools(waist, SAMPLE_ELASTIC);
    if (!ratio?.load) throw new Error("It is tested.");
    expect(evaluate(explainPress(waist, ratio, SAMPLE_ELASTIC))).toBeCloseTo(ratio.load.pressureKpa, 9);
    expect(ratio.load.band).toBe("snug");
    const [, untested] = ringBySchools(waist);
    expect(untested?.load).toBeNull();
    const unknown = { ...waist, bodyMm: null };
    const [, off] = ringBySchools(unknown, SAMPLE_ELASTIC);
    expect(off?.load).toBeNull();
    expect(() => off && explainPress(unknown, off, SAMPLE_ELASTIC)).toThrow("not known");
  });

  it("have numbers that follow from their terms", () => {
    for (const ring of rings)
      for (const one of ringBySchools(ring)) {
        expect(evaluate(explainCut(ring, one))).toBeCloseTo(one.cutMm, 9);
        expect(evaluate(explainWorn(ring, one))).toBeCloseTo(one.wornStrain ?? Number.NaN, 9);
      }
  });
});
