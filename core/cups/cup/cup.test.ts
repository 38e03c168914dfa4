import { describe, expect, it } from "vitest";
import { BREAST, byId, sampleBody } from "../../testing/index.ts";
import { cupVolumeCm3 } from "./cup.ts";
import { cupSection } from "./cupSection.ts";
import { reckonCup } from "./reckonCup.ts";
import { NEW_CUP } from "./working.ts";

describe("cups", () => {
  const facts = { cupStrain: 0, settingsName: "settings as shipped", elsewhere: {} };

  it("by hand: half an ellipsoid each, seams less the strain", () => {
    expect(cupVolumeCm3({ rootWidthMm: 140, rootHeightMm: 120, projectionMm: 90 })).toBeCloseTo(791.681, 3);
    const cup = reckonCup({ ...NEW_CUP, strain: 0.04 }, { ...facts, body: sampleBody(BREAST) });
    expect(byId(cup)["cross-left"]).toBeCloseTo(246 / 1.04, 9);
    expect(byId(cup)["lower-right"]).toBeCloseTo(101 / 1.04, 9);
  });

  it("differ by more than 8 % of the larger or 5 mm in a measure: both remedies have their numbers", () => {
    const cup = reckonCup(NEW_CUP, { ...facts, body: sampleBody(BREAST) });
    expect(cup.asymmetry).toMatchObject({ larger: "left", acts: true, padMm: 9 });
    expect(cup.asymmetry?.measures.map(({ code }) => code)).toContain("wire_line");
    expect(cup.asymmetry?.padCm3).toBeCloseTo((cup.sides.left.volumeCm3 ?? 0) - (cup.sides.right.volumeCm3 ?? 0), 9);
    expect(cup.warnings).toHaveLength(1);
    expect(reckonCup({ ...NEW_CUP, remedy: "twoCups" }, { ...facts, body: sampleBody(BREAST) }).warnings).toEqual([]);
  });

  it("agree at 5 mm and at 8 %, not over", () => {
    const acts = (right: number) =>
      reckonCup(NEW_CUP, {
        ...facts,
        body: sampleBody({ root_width: [100, 100], root_height: [100, 100], projection: [50, right] }),
      }).asymmetry?.acts;
    expect([acts(46), acts(45.9)]).toEqual([false, true]);
  });

  it("without a measure of one side have no volume there, and name it", () => {
    const { projection: _left, ...rest } = BREAST;
    const cup = reckonCup(NEW_CUP, { ...facts, body: sampleBody(rest) });
    expect(cup.sides.left.volumeCm3).toBeNull();
    expect(cup.lacks).toEqual([
      { what: "measure", code: "projection", side: "left" },
      { what: "measure", code: "projection", side: "right" },
    ]);
  });

  it("are drawn with seams of their own length; one too short to span says so", () => {
    const section = cupSection({ rootHeightMm: 120, projectionMm: 90, lowerCupMm: 115, upperCupMm: 115 });
    expect(section).toMatchObject({ tooShort: [], apex: [90, expect.closeTo(-60, 9)] });
    expect(section.path.match(/A /g)).toHaveLength(2);
    const short = cupSection({ rootHeightMm: 120, projectionMm: 90, lowerCupMm: 95, upperCupMm: 100 });
    expect(short.tooShort).toEqual(["lowerCup", "upperCup"]);
  });
});
