import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { elasticRings } from "../pieces/index.ts";
import { BRIEF_FACTS, evaluate, SHELF_ELASTIC, sampleDraft, shelfSample } from "../testing/index.ts";
import { type EdgeElastic, ELASTIC_NUMBERS, type ElasticsFacts, edgesNow, startEdges } from "./index.ts";
import { reckonElastics } from "./reckonElastics.ts";
import { stretchedPartMm } from "./stretchedPart.ts";
import { type ChartRow, type EdgeRow, type ElasticsWorking, NEW_ELASTICS } from "./working.ts";

const stretch = { along: { front: 1, back: 1, side: 1 }, round: { waist: 740 / 640 } };
const ringsOf = (facts = BRIEF_FACTS) => elasticRings(sampleDraft("brief", facts), stretch);
const FACTS: ElasticsFacts = {
  ...{ rings: ringsOf(), elastics: [], edge: SHELF_ELASTIC, passMm: { waist: 980 }, opens: {}, bodyMm: {} },
  ...{ sizes: {}, lowPart: 0.4, changes: [], waiting: [] },
};
const row = (own: Partial<EdgeRow> = {}): EdgeRow => ({
  ...{ at: "waist", name: "", elastic: "first", school: "ratio", ratio: null, kpa: null },
  ...{ edgeMm: null, backMm: null, bodyMm: null, ...own },
});
const chartRow = (size: string, lengthMm: number | null, own: Partial<ChartRow> = {}): ChartRow => ({
  ...{ size, at: "waist", name: "", count: null, widthMm: 8, lengthMm, ...own },
});
const reckon = (edges: readonly EdgeRow[], facts: Partial<ElasticsFacts> = {}, own: Partial<ElasticsWorking> = {}) =>
  reckonElastics({ ...NEW_ELASTICS, edges, ...own }, { ...FACTS, ...facts });
const only = (
  edge: Partial<EdgeRow>,
  facts: Partial<ElasticsFacts> = {},
  own: Partial<ElasticsWorking> = {},
): EdgeElastic => {
  const [one] = reckon([row(edge)], facts, own).edges;
  if (!one) throw new Error("The edge is there.");
  return one;
};
const answer = ({ schools }: EdgeElastic, school: string) => {
  const found = schools.find((one) => one.school === school)?.answer;
  return found?.ok ? found.value : found?.problem.code;
};

/** The lower edge of a band, before its parts. */
const LOWER_EDGE = { edge: "underbust", side: null, name: "lower edge", count: 1, bodyMm: null } as const;

describe("an elastic by four schools", () => {
  it("stand side by side, and those that cannot say what they lack", () => {
    const waist = only({ kpa: 0.8 });
    const { edgeMm, bodyMm } = waist.ring;
    expect(answer(waist, "feel")).toMatchObject({
      madeMm: edgeMm,
      notes: [expect.stringContaining("nothing of grip")],
    });
    expect(answer(waist, "ratio")).toMatchObject({ madeMm: expect.closeTo(0.92 * edgeMm, 9) });
    expect(answer(waist, "tension")).toMatchObject({ load: { pressureKpa: expect.closeTo(0.8, 6) } });
    expect(answer(waist, "chart")).toBe("no-chart");
    expect(bodyMm).toBeCloseTo((edgeMm * 740) / 640, 6);
    expect(answer(only({}), "tension")).toBe("no-pressure");
    expect(answer(only({ kpa: 1, elastic: "second" }), "tension")).toBe("no-width");
  });

  it("make a leg of two ratios one elastic with a mark, and take a ratio of one's own for its back", () => {
    const leg = only({ at: "leg", ratio: 0.8 });
    const [front = 0, back = 0] = leg.ring.parts.map(({ edgeMm }) => edgeMm);
    expect(leg.chosen).toMatchObject({
      madeMm: expect.closeTo(front + 0.8 * back, 9),
      changesMm: [expect.closeTo(front, 9)],
    });
    expect(leg.chosen?.quartersMm.map((mm) => mm / (leg.chosen?.madeMm ?? 1))).toEqual([0.25, 0.5, 0.75]);
  });

  it("are cut by as much longer or shorter as was decided at a fitting, whatever the school, and say so", () => {
    const longer = { id: 5, spot: "waist", side: "both", pieces: "edge elastic", amountMm: 16.6 } as const;
    for (const school of ["feel", "ratio", "tension"] as const) {
      const [before, after] = [only({ school, kpa: 0.8 }), only({ school, kpa: 0.8 }, { changes: [longer] })];
      expect((after.chosen?.cutMm ?? 0) - (before.chosen?.cutMm ?? 0)).toBeCloseTo(16.6, 9);
      expect(after.notes.join(" ")).toContain("Change 5, decided at a fitting, is in it: 16.6 mm longer.");
    }
    const bought = (changes: ElasticsFacts["changes"]) => reckon([row({})], { changes }).totals[0]?.cutMm ?? Number.NaN;
    expect(bought([longer])).toBeGreaterThan(bought([]) + 16);
  });

  it("of a leg are changed in the part that was named, of another edge or side not at all", () => {
    const back = { id: 6, spot: "leg", side: "both", pieces: "back", amountMm: -9 } as const;
    const parts = (changes: ElasticsFacts["changes"]) => only({ at: "leg" }, { changes }).chosen?.partsMm ?? [];
    const [front = 0, behind = 0] = parts([]);
    expect(parts([back])).toEqual([front, expect.closeTo(behind - 9, 9)]);
    expect(parts([{ ...back, spot: "legFront", pieces: "front" }])).toEqual([expect.closeTo(front - 9, 9), behind]);
    expect(parts([{ ...back, spot: "waist" }])).toEqual([front, behind]);
    // Decided for the next prototype: this one's elastic is as it was, and the page says what comes.
    const waits = only({ at: "leg" }, { waiting: [back] });
    expect(waits.chosen?.partsMm).toEqual(parts([]));
    expect(waits.notes.join(" ")).toMatch(
      /^Change \d+ waits for the next prototype: \d+\.\d mm (shorter|longer) there, not in this cut\.$/,
    );
    const left = only({ at: "leg" }, { changes: [{ ...back, side: "left" }] });
    expect(left.notes.join(" ")).toContain("It was decided of one side");
  });

  it("lay the rigid part of a band on as long as it is", () => {
    const rings = [
      {
        ...{ edge: "underbust", side: null, name: "lower edge of the band", count: 1, edgeMm: 700, bodyMm: null },
        parts: [
          { place: "underbust", edgeMm: 300, rigid: true },
          { place: "underbust", edgeMm: 400 },
        ],
      },
    ] as const;
    const band = only({ at: "underbust" }, { rings, bodyMm: { underbust: 800 } });
    expect(band.chosen?.madeMm).toBeCloseTo(300 + 0.9 * 400, 9);
    // Along what is rigid it is not stretched: over the wings it is, by all of the rest.
    expect(band.chosen?.wornStrain).toBeCloseTo(500 / 360 - 1, 9);
    // The closed hook tape covers the body too, and has no elastic.
    const hooked = only({ at: "underbust" }, { rings: [{ ...rings[0], openMm: 40 }], bodyMm: { underbust: 800 } });
    expect(hooked.chosen?.wornStrain).toBeCloseTo(460 / 360 - 1, 9);
  });

  it("by tension make the wings of a band as long as their pressure asks, beside what is rigid", () => {
    const parts = [
      { place: "underbust", edgeMm: 300, rigid: true },
      { place: "underbust", edgeMm: 400 },
    ] as const;
    const ring = { ...LOWER_EDGE, edgeMm: 700, openMm: 40, parts };
    const made = answer(only({ at: "underbust", kpa: 0.8 }, { rings: [ring], bodyMm: { underbust: 800 } }), "tension");
    if (typeof made !== "object") throw new Error(made);
    expect(made.load?.pressureKpa).toBeCloseTo(0.8, 6);
    expect(made.madeMm).toBeCloseTo(300 + 460 / (1 + (made.wornStrain ?? 0)), 6);
  });

  it("along a front cut to the body's own size lie as they were sewn, and go on in one ratio", () => {
    const parts = [
      { place: "underbust", edgeMm: 300, still: true },
      { place: "underbust", edgeMm: 340 },
    ] as const;
    const ring = { ...LOWER_EDGE, edgeMm: 640, parts };
    const top = only({ at: "underbust", ratio: 0.9 }, { rings: [ring], bodyMm: { underbust: 800 } });
    expect(top.chosen?.madeMm).toBeCloseTo(0.9 * 640, 9);
    expect(top.chosen?.changesMm).toEqual([]);
    expect(top.chosen?.wornStrain).toBeCloseTo(500 / (0.9 * 340) - 1, 9);
  });

  it("take what is typed before what is drawn, and name the length that lacks", () => {
    expect(only({ edgeMm: 500, bodyMm: 600 }).ring).toMatchObject({ edgeMm: 500, bodyMm: 600, count: 1 });
    expect(only({ at: "leg", edgeMm: 240, backMm: 310 }).ring).toMatchObject({ edgeMm: 550, count: 2 });
    const nothing = reckon([row({ at: "cutOut" })]);
    expect(nothing.edges).toEqual([]);
    expect(nothing.lacks).toEqual([{ what: "entry", name: expect.stringContaining("cut-out or open back") }]);
    expect(reckon([]).lacks).toHaveLength(1);
  });

  it("judge what is put on by what it passes, and not where it opens", () => {
    expect(only({}).chosen?.putOn).toMatchObject({ needed: expect.any(Number) });
    const open = only({}, { opens: { waist: "ties" } });
    expect([open.chosen?.putOn, open.notes]).toEqual([null, ["It opens with ties: nothing has to be passed."]]);
    const { warnings } = reckon([row({ edgeMm: 500 })], { passMm: { waist: 1200 } });
    expect(warnings.some((words) => words.includes("does not go over what it passes"))).toBe(true);
  });
});

describe("the pattern's chart", () => {
  const chart = [chartRow("S", 560), chartRow("M", 590), chartRow("L", null)];
  const made = (facts: Partial<ElasticsFacts>, at: EdgeRow["at"] = "waist", size = "") =>
    answer(only({ at, school: "chart" }, facts, { size, chart: chart.map((one) => ({ ...one, at })) }), "chart");

  it("is read at the size of the zone that decides, or the one that is typed", () => {
    expect(made({ sizes: { waist: "M" } })).toMatchObject({ madeMm: 590 });
    expect(made({}, "waist", "s ")).toMatchObject({ madeMm: 560 });
    expect(made({})).toBe("no-size");
    expect(made({ sizes: { waist: "L" } })).toBe("no-chart-row");
    expect(made({ sizes: { waist: "XL" } })).toBe("no-chart-row");
  });

  it("is read between two sizes where a low waist lies between their zones", () => {
    expect(made({ sizes: { waist: "S", hip: "M" } }, "lowWaist")).toMatchObject({ madeMm: expect.closeTo(572, 9) });
    expect(made({ sizes: { waist: "S", hip: "M" } })).toMatchObject({ madeMm: 560 });
  });
});

describe("an edge that moves after its elastic was kept", () => {
  const edges = [row(), row({ at: "leg", school: "feel" })];
  const kept = edgesNow({ ...NEW_ELASTICS, edges }, FACTS);

  it("is told by how much, with what that does to its cut; right again once it is kept anew", () => {
    expect(reckon(edges, {}, { keptMm: kept }).warnings).toEqual([]);
    const grown = ringsOf({ ...BRIEF_FACTS, girths: { ...BRIEF_FACTS.girths, waist: 664 } });
    const moved = reckon(edges, { rings: grown }, { keptMm: kept });
    const stale = moved.edges[0]?.stale;
    expect(stale?.byMm).toBeCloseTo((grown[1]?.edgeMm ?? 0) - (FACTS.rings[1]?.edgeMm ?? 0), 9);
    expect(stale?.cutByMm).toBeCloseTo(0.92 * (stale?.byMm ?? 0), 9);
    expect(moved.warnings[0]).toMatch(
      /^The waist is \d+ mm longer than when this was kept \(\d+ mm\)\. Its elastic is now cut \d+ mm longer\./,
    );
    const anew = edgesNow({ ...NEW_ELASTICS, edges }, { ...FACTS, rings: grown });
    expect(reckon(edges, { rings: grown }, { keptMm: anew }).warnings).toEqual([]);
  });

  it("is not told for a millimetre, nor for an edge that was never kept", () => {
    const byOne = Object.fromEntries(Object.entries(kept).map(([key, mm]) => [key, mm + 0.9]));
    expect(reckon(edges, {}, { keptMm: byOne }).warnings).toEqual([]);
    expect(reckon(edges).edges.every(({ stale }) => stale === null)).toBe(true);
  });
});

describe("what is bought", () => {
  it("is every cut as often as it is there, by elastic, with 8 % spare", () => {
    const picot = shelfSample({ id: 8, name: "Picot", widthMm: 12 });
    const { totals, edges } = reckon(
      [row(), row({ at: "leg", elastic: "second" })],
      { elastics: [picot] },
      { second: 8 },
    );
    expect(totals.map(({ id, name, widthMm }) => [id, name, widthMm])).toEqual([
      [7, "Plush, 8 mm", 8],
      [8, "Picot", 12],
    ]);
    expect(totals[1]?.buyMm).toBeCloseTo(1.08 * 2 * (edges[1]?.chosen?.cutMm ?? 0), 9);
    for (const { explanation, buyMm } of totals) expect(evaluate(explanation)).toBeCloseTo(buyMm, 9);
  });
});

it("starts from the drawn edges, each once, low where the style says so", () => {
  expect(startEdges(FACTS).map(({ at, school }) => [at, school])).toEqual([
    ["leg", "ratio"],
    ["lowWaist", "ratio"],
  ]);
  expect(startEdges({ ...FACTS, lowPart: 0 }).map(({ at }) => at)).toEqual(["leg", "waist"]);
});

it("has a way to each number it tells, which gives that number from its own terms", () =>
  fc.assert(
    fc.property(
      fc.constantFrom("leg", "waist", "lowWaist"),
      fc.double({ min: 0.1, max: 2, noNaN: true }),
      fc.double({ min: 0.75, max: 1, noNaN: true }),
      (at, kpa, ratio) => {
        const own = { chart: [chartRow("S", 560, { at }), chartRow("M", 590, { at })], size: "M" };
        const edge = only({ at, kpa, ratio }, { sizes: { waist: "S", hip: "M" } }, own);
        for (const { answer: made } of edge.schools) {
          if (!made.ok) continue;
          for (const { explain } of ELASTIC_NUMBERS) {
            const told = explain(edge.ring, made.value, edge.cut, { elasticName: "Plush", chart: edge.chart });
            if (!told || told.formula.includes("where")) continue;
            expect(evaluate(told), told.title).toBeCloseTo(told.result.value, 9);
          }
        }
      },
    ),
    { numRuns: 40 },
  ));

describe("the stretched part of an elastic", () => {
  const leg = only({ at: "leg", ratio: 0.8 });
  const [front = 0, back = 0] = leg.ring.parts.map(({ edgeMm }) => edgeMm);
  const seen = (spot: string, edges = [leg], side: "left" | "both" = "both") => stretchedPartMm(edges, { spot, side });

  it("is what of it is made shorter than its edge", () => {
    expect(seen("leg")).toBeCloseTo(0.8 * back, 9);
    expect(seen("legBack", [leg], "left")).toBeCloseTo(0.8 * back, 9);
    expect(seen("legFront")).toBeNull();
    expect(front).toBeGreaterThan(0);
    expect(seen("waist", [leg, only({ ratio: 0.9 })])).toBeCloseTo(0.9 * only({}).ring.edgeMm, 9);
  });

  it("is not known where there is no elastic, or its school has no answer", () => {
    expect(seen("neckline")).toBeNull();
    expect(seen("waist", [only({ school: "tension" })])).toBeNull();
  });
});
