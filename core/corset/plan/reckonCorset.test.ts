import { describe, expect, it } from "vitest";
import { sampleBody } from "../../testing/index.ts";
import { type CorsetFacts, type CorsetWorking, NEW_CORSET, reckonCorset } from "../index.ts";

const place = (name: string, front: number, side: number, back: number) => ({
  [`height_${name}_front`]: front,
  [`height_${name}_side`]: side,
  [`height_${name}_back`]: back,
});
const MEASURES = {
  ...{ underbust: 836, underbust_inhaled: 869, mid_rib: 802, waist: 746, high_hip: 918, hip: 1024 },
  ...{ cinched_underbust: 804, cinched_waist: 672, waist_seated: 774, waist_to_lap: 194 },
  ...place("underbust_mid_rib", 64, 61, 59),
  ...place("mid_rib_waist", 66, 63, 61),
  ...place("waist_high_hip", 96, 100, 97),
  ...place("high_hip_hip", 92, 96, 98),
};
const facts = (measures: object = MEASURES, own: Partial<CorsetFacts> = {}): CorsetFacts => ({
  levels: ["underbust", "midRib", "waist", "highHip", "lowerEdge"],
  closes: "laced",
  body: sampleBody(measures as never),
  isForm: false,
  ...own,
});
const reckon = (own: Partial<CorsetWorking> = {}, of = facts()) => reckonCorset({ ...NEW_CORSET, ...own }, of);
const without = (...codes: readonly string[]) =>
  facts(Object.fromEntries(Object.entries(MEASURES).filter(([code]) => !codes.includes(code))));

describe("a reduction", () => {
  it("is planned at every level of the garment: closed, less the gap for the pattern", () => {
    const { plan } = reckon({ offMm: 60 });
    expect(plan?.levels.map(({ level, closedMm, patternMm }) => [level, closedMm, patternMm])).toEqual([
      ["underbust", 829, 779],
      ["midRib", 768.5, 718.5],
      ["waist", 686, 636],
      ["highHip", 918, 868],
      ["lowerEdge", 1034, 984],
    ]);
    expect(plan).toMatchObject({ caution: "none", tightestMm: 672, loosestMm: 746, gapMm: 50 });
    expect(plan?.seatedStrain).toBeCloseTo(774 / 686 - 1, 12);
  });

  it("has no gap where it closes edge to edge, whatever was typed", () => {
    expect(reckon({ closing: "zip", gapMm: 40 }).plan?.gapMm).toBe(0);
    expect(reckon({ closing: "buskLaced", gapMm: 40 }).plan?.gapMm).toBe(40);
  });

  it("adds back what the layers eat, not the seams, unless all or nothing is asked for", () => {
    const layers = { thicknessMm: 2, bulkySeams: 8, channels: 10, channelThicknessMm: 1.5 };
    const added = (addBack: CorsetWorking["addBack"]) => reckon({ ...layers, addBack }).plan?.addedMm;
    expect([added("layers"), added("all"), added("none")]).toEqual([
      expect.closeTo(2 * Math.PI, 9),
      expect.closeTo(2 * Math.PI + 31, 9),
      0,
    ]);
    // With all added back the skin meets what was planned.
    const waist = reckon({ ...layers, addBack: "all" }).plan?.levels[2];
    expect(waist?.innerMm).toBeCloseTo(waist?.closedMm ?? 0, 9);
  });

  it("stops below what the body offers, and never hides the number", () => {
    const { plan, warnings, numbers } = reckon({ offMm: 80 });
    expect(plan?.caution).toBe("stop");
    expect(warnings.join(" ")).toMatch(/Stop: the waist closes 6 mm below what the body offers \(cinched 672 mm\)/);
    expect(numbers.some(({ id }) => id === "closed.waist")).toBe(true);
    expect(reckon({ underbustMm: 40 }).plan?.caution).toBe("stop");
  });

  it("names both limits: over 15 % is a stop, looser than the body carries nothing", () => {
    const loose = without("cinched_waist");
    expect(reckon({ offMm: 115 }, loose).warnings.join(" ")).toMatch(/Stop: 15.4 % off the waist/);
    expect(reckon({ offMm: 90 }, loose).warnings.join(" ")).toMatch(
      /12.1 % off the waist is more than is ever proposed/,
    );
    expect(reckon({ offMm: 40 }, loose).warnings.join(" ")).toMatch(/No cinched reading/);
  });

  it("without a breath takes nothing off the underbust, and names the reading", () => {
    const { plan, lacks, notes } = reckon({}, without("underbust_inhaled"));
    expect(plan?.levels[0]).toMatchObject({ closedMm: 836, by: "noBreath" });
    expect(lacks).toEqual([{ what: "measure", code: "underbust_inhaled", side: "single" }]);
    expect(notes.join(" ")).toMatch(/no reading breathed in/i);
  });

  it("of a form asks for no breath, and says that it does not give", () => {
    const { lacks, notes } = reckon({}, { ...without("underbust_inhaled"), isForm: true });
    expect([lacks, notes.join(" ")]).toEqual([[], expect.stringMatching(/neither squashes nor breathes/)]);
  });

  it("names a girth that lacks, and gives no number", () => {
    expect(reckon({}, without("mid_rib"))).toMatchObject({ plan: null, numbers: [], lacks: [{ code: "mid_rib" }] });
  });

  it("names heights that lack before panels can be drawn, and plans without them", () => {
    const { plan, lacks } = reckon({}, without("height_waist_high_hip_side"));
    expect([plan?.heights, lacks.map((lack) => "code" in lack && lack.code)]).toEqual([
      null,
      ["height_waist_high_hip_side"],
    ]);
  });

  it("refuses readings that contradict one another, and a lower edge above the high hip", () => {
    const cinched = facts({ ...MEASURES, cinched_waist: 760 });
    expect(reckon({}, cinched)).toMatchObject({
      plan: null,
      warnings: [expect.stringMatching(/at most the body’s 746/)],
    });
    expect(reckon({ lowerSideMm: 80 })).toMatchObject({
      plan: null,
      warnings: [expect.stringMatching(/side to lie below the high hip, but it would lie 20 mm above it/)],
    });
  });

  it("reads the body at a higher lower edge between high hip and hip, or as typed", () => {
    const at = (own: Partial<CorsetWorking>) => reckon(own).plan?.levels.at(-1)?.bodyMm;
    expect(at({ lowerSideMm: 148 })).toBeCloseTo(918 + (48 / 96) * (1024 - 918), 9);
    expect(at({ lowerSideMm: 148, lowerGirthMm: 980 })).toBe(980);
  });
});
