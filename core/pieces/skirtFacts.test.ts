import { describe, expect, it } from "vitest";
import type { ClosedGarment } from "../calculation/index.ts";
import { checkDraft, drawBy, edgeLength, edgeOf, girthsOf, pieceOf } from "../drafting/index.ts";
import { sampleBody } from "../testing/index.ts";
import { NO_PIECES, type PieceFacts } from "./pieceFacts.ts";
import { bodiceEnd, joinedToBodice } from "./skirtFacts.ts";

const level = (name: string, bodyMm: number, closedMm: number) => ({
  level: name,
  name,
  bodyMm,
  closedMm,
  patternMm: closedMm,
});
const step = (mm: number) => ({ front: mm, side: mm, back: mm });
/** A bodice whose lower edge lies 5 cm above the hip. */
const closed: ClosedGarment = {
  levels: [level("waist", 700, 670), level("highHip", 880, 880), level("lowerEdge", 930, 940)],
  ...{ gapMm: 0, addedMm: 0, laced: false, opensInFront: false },
  heights: { highHip: step(100), lowerEdge: step(50) },
};
const body = sampleBody({ waist_to_hip: 200, hip: 980, hip_front_arc: 470 });
const bare: PieceFacts = {
  ...NO_PIECES,
  drawn: {
    measures: { hip: 980, hip_front_arc: 470 },
    girths: { hip: 940 },
    lengths: { skirt_side: 700, waist_to_hip: 200 },
  },
};
const job = { closed, body } as Parameters<typeof joinedToBodice>[1];

describe("a skirt joined to a bodice that ends above the hip", () => {
  const facts = joinedToBodice(bare, job);
  const drawn = drawBy("skirt", { ...facts.drawn, options: { ...facts.usual } });
  if (!drawn.ok) throw new Error(drawn.problem.message);

  it("begins where the bodice ends: bodice and skirt together are the whole length", () => {
    expect(bodiceEnd(job)).toEqual({ aboveHipMm: 50, closedMm: 940, hipBodyMm: 980 });
    for (const half of ["front", "back"])
      expect(edgeLength(edgeOf(pieceOf(drawn.value, half), "side"))).toBeCloseTo(700 - 150, 3);
    expect(checkDraft(drawn.value).filter(({ ok }) => !ok)).toEqual([]);
  });

  it("is as wide as the bodice there, and as the body needs at the hip", () => {
    const top =
      2 * ["front", "back"].reduce((sum, half) => sum + edgeLength(edgeOf(pieceOf(drawn.value, half), "top")), 0);
    expect(top).toBeCloseTo(940, 6);
    expect(girthsOf(drawn.value).girths).toEqual([{ level: "hip", plannedMm: 990, piecesMm: expect.closeTo(990, 6) }]);
  });

  it("is left as it is where the bodice reaches the hip", () => {
    const low = { ...job, closed: { ...closed, heights: { highHip: step(100), lowerEdge: step(98) } } };
    expect(joinedToBodice(bare, low)).toBe(bare);
    expect(joinedToBodice(bare, { ...job, closed: null })).toBe(bare);
  });
});
