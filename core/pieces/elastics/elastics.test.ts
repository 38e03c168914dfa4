import { describe, expect, it } from "vitest";
import { edgeLength, edgeOf, operate, pieceOf } from "../../drafting/index.ts";
import { BRIEF_FACTS, braFacts, draftOf, ONE_PIECE_FACTS, sampleDraft } from "../../testing/index.ts";
import { type ElasticRing, elasticRings } from "./rings.ts";

const brief = sampleDraft("brief", BRIEF_FACTS);
const stretch = { along: { front: 1, back: 1, side: 1 }, round: { waist: 740 / 640 } };
const rings = elasticRings(brief, stretch);
const ringOf = (name: string, all = rings): ElasticRing => {
  const ring = all.find((one) => one.name === name);
  if (!ring) throw new Error(`There is no ${name}.`);
  return ring;
};
const mm = (piece: string, edge: string, draft = brief) => edgeLength(edgeOf(pieceOf(draft, piece), edge));

describe("rings of elastic of drawn pieces", () => {
  it("are the legs, and the waist as whichever it is", () =>
    expect(rings.map(({ edge, name, count }) => [edge, name, count])).toEqual([
      ["leg", "leg edge", 2],
      ["waist", "waist", 1],
      ["lowWaist", "low scoop waist", 1],
    ]));

  it("of a leg have a front to the crotch point and a back from there, by hand", () => {
    const leg = ringOf("leg edge");
    expect(leg.parts.map((part) => part.edgeMm)).toEqual([
      expect.closeTo(mm("front", "leg") + 0.4 * mm("gusset", "side"), 9),
      expect.closeTo(mm("back", "leg") + 0.6 * mm("gusset", "side"), 9),
    ]);
    expect(leg.bodyMm).toBe(622);
  });

  it("of a waist go round front and back, both sides, and lie on the body there, where that is known", () => {
    const waist = ringOf("waist");
    expect(waist.edgeMm).toBeCloseTo(2 * (mm("front", "waist") + mm("back", "waist")), 9);
    expect(waist.bodyMm).toBeCloseTo((waist.edgeMm * 740) / 640, 6);
    expect(ringOf("waist", elasticRings(brief, { ...stretch, round: {} })).bodyMm).toBeNull();
  });

  it("of a one-piece have a neckline all round or side by side, and an armhole of each side", () => {
    const draft = sampleDraft("onePiece", ONE_PIECE_FACTS);
    const all = elasticRings(draft, stretch);
    const neck = mm("front", "neckline", draft) + mm("back", "neckline", draft);
    expect(ringOf("straight or scooped neckline", all)).toMatchObject({
      count: 1,
      edgeMm: expect.closeTo(2 * neck, 6),
    });
    expect(ringOf("V or deep neckline", all)).toMatchObject({ count: 2, edgeMm: expect.closeTo(neck, 6) });
    expect(ringOf("armhole", all)).toMatchObject({ count: 2 });
  });

  it("are one a side where left and right are told apart", () => {
    const done = operate(brief, [
      { operation: "girth", onSide: "left", params: { level: "highHip", amount: -18, blend: 80 } },
    ]);
    if (!done.ok) throw new Error(done.problem.message);
    const legs = elasticRings(done.value.draft, stretch).filter(({ edge }) => edge === "leg");
    expect(legs.map(({ side, count }) => [side, count])).toEqual([
      ["left", 1],
      ["right", 1],
    ]);
  });

  it("of a band have a part that does not stretch, and its wings", () => {
    const wired = elasticRings(sampleDraft("wiredBra", braFacts()), stretch);
    const band = ringOf("lower edge of the band", wired);
    expect(band.parts.map(({ rigid = false }) => rigid)).toEqual([true, false]);
    expect(band.parts.reduce((sum, { edgeMm }) => sum + edgeMm, 0)).toBeCloseTo(band.edgeMm, 9);
  });

  it("of a pattern from elsewhere are its own edges, by their names", () => {
    const own = { lengthMm: 160, counts: "waist", seam: "", easeMm: 0 } as const;
    const draft = draftOf([], {
      stated: [
        { ...own, piece: "Front", edge: "top", times: 2 },
        { ...own, piece: "Back", edge: "top", times: 1 },
      ],
    });
    expect(elasticRings(draft, stretch)).toMatchObject([{ edge: "own", name: "top", edgeMm: 480 }]);
  });
});

it("has the lower edge of a band inside a one-piece among the edges with elastic", () => {
  const draft = sampleDraft("onePiece", {
    ...ONE_PIECE_FACTS,
    girths: { ...ONE_PIECE_FACTS.girths, underbust: 690 },
    lengths: { ...ONE_PIECE_FACTS.lengths, underbust_to_waist: 90 },
    options: { ...ONE_PIECE_FACTS.options, underbust_band: 30, neck_depth: 150, back_depth: 150 },
  });
  const ring = elasticRings(draft, { along: { front: 1, back: 1, side: 1 }, round: {} }).find(
    ({ edge }) => edge === "underbust",
  );
  const lower = ["bandFront", "bandBack"].map((id) => edgeLength(edgeOf(pieceOf(draft, id), "lower")));
  expect(ring).toMatchObject({ name: "lower edge of the inner band", count: 1 });
  expect(ring?.edgeMm).toBeCloseTo(2 * lower.reduce((sum, mm) => sum + mm, 0), 9);
});
