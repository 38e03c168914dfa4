import { describe, expect, it } from "vitest";
import { SAMPLE_BREAST, sampleDraft } from "../../../testing/index.ts";
import { checkDraft } from "../../checks/index.ts";
import type { Draft } from "../../draft.ts";
import { edgeLength, edgeOf } from "../../piece/index.ts";
import type { Sided } from "../facts.ts";
import { drawBy } from "../recipes.ts";
import { cup, cupSurfaces } from "./cup.ts";

const MEASURES: Readonly<Record<string, number>> = {
  root_width: SAMPLE_BREAST.rootWidthMm,
  root_height: SAMPLE_BREAST.rootHeightMm,
  wire_line: SAMPLE_BREAST.wireLineMm ?? 0,
  projection: SAMPLE_BREAST.projectionMm,
  lower_cup: SAMPLE_BREAST.lowerCupMm,
  upper_cup: SAMPLE_BREAST.upperCupMm,
  cross_cup: SAMPLE_BREAST.crossCupMm,
};
const uneven: Readonly<Record<string, Sided>> = Object.fromEntries(
  Object.entries(MEASURES).map(([code, mm]) => [code, { left: mm, right: mm * 0.95 }]),
);
const factsOf = (
  options: Readonly<Record<string, number | string>>,
  measures: Readonly<Record<string, Sided>> = MEASURES,
) => ({
  ...{ measures, girths: {}, lengths: {} },
  options: { cloth_gives: 0.6, ...options },
});
const cups = (...given: Parameters<typeof factsOf>): Draft => sampleDraft("cup", factsOf(...given));
const lengthIn = (draft: Draft, piece: string, edge: string) => {
  const found = draft.pieces.find(({ id }) => id === piece);
  if (!found) throw new Error(`No ${piece}.`);
  return edgeLength(edgeOf(found, edge));
};

describe("cups of two sides", () => {
  it.each([
    ["cross", ["left.cross"]],
    ["crossVertical", ["left.crossInner", "left.crossOuter"]],
  ])("parted by %s, have a seam across as long as Cups cuts the arc", (seams, ids) => {
    const draft = cups({ seams, cup_strain: 0.04 }, uneven);
    const sum = draft.numbers
      .filter(({ id }) => ids.includes(id))
      .reduce((mm, { explanation }) => mm + explanation.result.value, 0);
    expect(Math.abs(sum - SAMPLE_BREAST.crossCupMm / 1.04)).toBeLessThan(0.15);
  });

  it("measured alike are one, cut twice and turned over", () =>
    expect(cups({}).pieces.map(({ id, count, mirrored }) => [id, count, mirrored])).toEqual([
      ["upper", 2, true],
      ["lower", 2, true],
    ]));

  it("each have their own, the right as it is cut, each smaller by its measures", () => {
    const draft = cups({}, uneven);
    expect(draft.pieces.map(({ id, count }) => [id, count])).toEqual([
      ["upperLeft", 1],
      ["lowerLeft", 1],
      ["upperRight", 1],
      ["lowerRight", 1],
    ]);
    expect(lengthIn(draft, "upperRight", "cross") / lengthIn(draft, "upperLeft", "cross")).toBeCloseTo(0.95, 3);
    expect(checkDraft(draft).filter(({ ok }) => !ok)).toEqual([]);
    expect(draft.notes.filter((note) => note.includes("larger side"))).toEqual([]);
  });

  it("are both the larger where the smaller is padded", () => {
    const padded = cups({ sides: "larger" }, uneven);
    expect(padded.pieces).toEqual(cups({}).pieces);
  });

  it("name the side whose measures contradict one another", () => {
    const measures = { ...uneven, cross_cup: { left: MEASURES.cross_cup ?? 0, right: 140 } };
    expect(drawBy("cup", factsOf({}, measures))).toMatchObject({
      ok: false,
      problem: { code: "arcs-contradict", message: expect.stringMatching(/^Right: .*cross_cup \(140 mm\)/) },
    });
  });
});

describe("the seams of a cup", () => {
  it("are reduced by the cup strain, both pieces alike", () => {
    const [plain, reduced] = [cups({}), cups({ cup_strain: 0.05 })];
    for (const piece of ["upper", "lower"])
      expect(lengthIn(plain, piece, "cross") / lengthIn(reduced, piece, "cross")).toBeCloseTo(1.05, 6);
  });

  it("through the apex are as long as the arcs that were measured", () => {
    const draft = cups({ seams: "crossVertical" });
    expect(lengthIn(draft, "lowerInner", "lower")).toBeCloseTo(SAMPLE_BREAST.lowerCupMm, 0);
    const upright = cups({ seams: "vertical" });
    expect(lengthIn(upright, "inner", "upright")).toBeCloseTo(SAMPLE_BREAST.lowerCupMm + SAMPLE_BREAST.upperCupMm, 0);
  });

  it("past the apex are shorter", () => {
    const upright = (shift: number) => lengthIn(cups({ seams: "vertical", upright_shift: shift }), "inner", "upright");
    expect(upright(20)).toBeLessThan(upright(0) - 2);
    expect(upright(-20)).toBeCloseTo(upright(20), 1);
  });

  it("run along a wire line as long as it was measured", () => {
    const draft = cups({});
    const wire = draft.pieces.flatMap(({ edges }) => edges.filter(({ role }) => role === "wire"));
    const sum = wire.reduce((all, edge) => all + edgeLength(edge), 0);
    // An end of the widest line within two millimetres of a seam is taken for the seam's.
    expect(Math.abs(sum - (SAMPLE_BREAST.wireLineMm ?? 0))).toBeLessThan(4.5);
  });

  it("have nothing added at a fold-over and a lace, and an allowance under a trim", () => {
    const top = (top_finish: string) =>
      cups({ top_finish }).pieces.flatMap(({ edges }) => edges.filter(({ role }) => role === "top"));
    for (const finish of ["foldOver", "lace"]) for (const edge of top(finish)) expect(edge.allowanceMm).toBe(0);
    for (const edge of top("trim")) expect(edge.allowanceMm).toBe(6);
  });

  it("say how far they bow off the low points of a lace, and nothing of it under another finish", () => {
    const told = (top_finish: string) => cups({ top_finish }).notes.filter((note) => note.includes("low points"));
    expect(told("lace")).toEqual([expect.stringMatching(/they bow by: upper cup \d+ mm/)]);
    expect(told("foldOver")).toEqual([]);
  });
});

describe("what a cloth has to give", () => {
  const told = (cloth_gives: number, seams = "cross") => cups({ cloth_gives, seams }).notes.join(" ");

  it("is told piece by piece, and no more where the cloth gives it", () => {
    expect(told(0.6)).toMatch(/Strain left in the flat pieces.*upper cup −\d+\.\d % to \+\d/);
    expect(told(0.6)).not.toContain("asks the cloth");
  });

  it("past it is named with what one more seam would leave, or that none would help", () => {
    expect(told(0.02)).toMatch(/asks the cloth to give \d+\.\d %, and it gives 2\.0 %/);
    expect(told(0.02)).toMatch(/One more seam \(.*\) would leave −\d|one more seam would not leave less/);
    expect(told(0.02, "crossVertical")).toContain("would not leave less: take a cloth that gives more");
  });

  it("is said of shapes that arcs and projection tell apart", () => {
    const flat = { ...MEASURES, lower_cup: 93.5, upper_cup: 98.2, cross_cup: 192 };
    expect(cups({}, flat).notes.join(" ")).toMatch(/flatter shape than root and projection: \d+ % less/);
    expect(cups({}).notes.join(" ")).toContain("Arcs and projection tell one shape.");
  });
});

describe("a cup to be looked at", () => {
  it("has a face for every part of every piece, over its root, with the strain of its threads", () => {
    const surfaces = cupSurfaces(cup, factsOf({ seams: "crossVertical" }, uneven));
    if (!surfaces.ok) throw new Error(surfaces.problem.message);
    expect(surfaces.value.map(({ side, patches }) => [side, patches.length])).toEqual([
      ["left", 3],
      ["right", 3],
    ]);
    for (const { faces, border, low, high } of surfaces.value.flatMap(({ patches }) => patches)) {
      expect(faces.length).toBeGreaterThan(40);
      for (const { places, flat, strain } of faces) {
        expect(Math.min(...places.map(({ z }) => z))).toBeGreaterThanOrEqual(0);
        expect(Number.isFinite(strain)).toBe(true);
        expect(flat).toHaveLength(places.length);
      }
      for (const { z } of border.root) expect(z).toBeCloseTo(0, 6);
      expect(low).toBeLessThan(high);
    }
  });

  it("is none of what cannot be drawn", () =>
    expect(cupSurfaces(cup, factsOf({}, { ...MEASURES, cross_cup: 120 })).ok).toBe(false));
});
