import { describe, expect, it } from "vitest";
import { edgeLength, edgeOf, girthsOf, pieceOf } from "../drafting/index.ts";
import { sewingError } from "../fitting/index.ts";
import { BRIEF_FACTS, CORSET_FACTS, sampleDraft, sampleLength } from "../testing/index.ts";
import { asMeasured, atPlan, sewnTargets } from "./sewnTargets.ts";

const ring = (zone: "waist" | "highHip" | "hip" | "underbust", nowMm: number) =>
  ({ zone, side: "single", bodyMm: nowMm + 90, plannedMm: nowMm, changedMm: 0, nowMm }) as const;
const length = (id: string, cutMm: number) => sampleLength({ id, name: id, bodyMm: cutMm, cutMm });
const PLAN = {
  rings: [ring("waist", 640), ring("highHip", 780), ring("hip", 860)],
  lengths: [length("frontRise", 320), length("backRise", 370), length("sideToHip", 195)],
};
const lowered = sampleDraft("brief", {
  ...BRIEF_FACTS,
  options: { waist_drop_front: 50, waist_drop_back: 25, waist_drop_side: 40 },
});

describe("what a garment sewn just as it was cut comes to", () => {
  const targets = sewnTargets(PLAN, [{ draft: lowered }]);

  it("is measured along an upper edge that lies below the waist, and to where the side ends", () => {
    const top =
      2 * ["front", "back"].reduce((sum, half) => sum + edgeLength(edgeOf(pieceOf(lowered, half), "waist")), 0);
    expect(targets.rings.waist).toEqual({ mm: expect.closeTo(top, 6), where: expect.stringContaining("upper edge") });
    expect(top).toBeGreaterThan(660);
    expect(targets.rings.hip?.where).toContain("side seam ends");
    expect(targets.rings.highHip).toEqual({ mm: 780, where: "" });
  });

  it("has the lengths the pieces have", () => {
    expect(targets.lengths.frontRise).toMatchObject({ mm: expect.closeTo(270, 6) });
    expect(targets.lengths.backRise).toMatchObject({ mm: expect.closeTo(345, 6) });
    expect(targets.lengths.sideToHip?.mm).toBeCloseTo(edgeLength(edgeOf(pieceOf(lowered, "front"), "side")), 6);
  });

  it("is on plan, wherever its edges were put; and off by what the needle took", () => {
    for (const [key, planned] of [
      ["waist", 640],
      ["highHip", 780],
      ["hip", 860],
    ] as const) {
      const target = targets.rings[key];
      if (!target) throw new Error(key);
      expect(sewingError(atPlan(target.mm, target, planned), planned)).toEqual({ errorMm: 0, flagged: false });
      expect(sewingError(atPlan(target.mm - 7, target, planned), planned).errorMm).toBeCloseTo(-7, 9);
      expect(asMeasured(atPlan(target.mm - 7, target, planned), target, planned)).toBeCloseTo(target.mm - 7, 9);
    }
  });

  it("of a laced garment is what its panels come to, without the gap", () => {
    const draft = sampleDraft("corset", { ...CORSET_FACTS, options: { ...CORSET_FACTS.options, gap: 45 } });
    const underbust = girthsOf(draft).girths.find(({ level }) => level === "underbust");
    const closed = underbust?.piecesMm ?? Number.NaN;
    const { rings } = sewnTargets({ rings: [ring("underbust", closed)], lengths: [] }, [{ draft }]);
    expect(rings.underbust).toEqual({
      mm: expect.closeTo(closed - 45, 6),
      where: expect.stringContaining("without its gap"),
    });
  });

  it("is as planned where there are no pieces, or they say nothing of it", () => {
    expect(sewnTargets(PLAN, []).rings.waist).toEqual({ mm: 640, where: "" });
    expect(sewnTargets({ ...PLAN, lengths: [length("strap", 390)] }, [{ draft: lowered }]).lengths.strap).toEqual({
      ...{ mm: 390, where: "" },
    });
  });
});
