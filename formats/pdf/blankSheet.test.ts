import { describe, expect, it } from "vitest";
import { CATALOGUE, placesOf } from "../../core/body/index.ts";
import { tapeWays } from "../../core/figure/index.ts";
import { blankSheetPdf } from "./blankSheet.ts";

const pagesOf = (pdf: Buffer): number => pdf.toString("latin1").match(/\/Type \/Page\b/g)?.length ?? 0;

const sizeOf = (pdf: Buffer): string | undefined => /\/MediaBox \[([\d. ]+)\]/.exec(pdf.toString("latin1"))?.[1];

describe("a blank sheet on paper", () => {
  const brief = placesOf(["waist", "high_hip", "hip", "leg_edge"]);

  it.each([
    ["A4", "0 0 595.28 841.89"],
    ["LETTER", "0 0 612 792"],
  ] as const)("comes on %s", async (paper, box) => {
    const pdf = await blankSheetPdf({ title: "Sheet", subtitle: "", places: brief, paper });
    expect(pdf.subarray(0, 5).toString()).toBe("%PDF-");
    expect(sizeOf(pdf)).toBe(box);
    expect(pagesOf(pdf)).toBe(1);
  });

  it("goes on over as many pages as the measures need", async () => {
    const places = placesOf(CATALOGUE.map(({ code }) => code));
    const pdf = await blankSheetPdf({ title: "All measures", subtitle: "", places, paper: "A4" });
    expect(pagesOf(pdf)).toBeGreaterThanOrEqual(Math.ceil(places.length / 9));
  });
});

it("has a tape to draw for every measure and side of the catalogue", () => {
  const without = placesOf(CATALOGUE.map(({ code }) => code)).filter(
    ({ code, side }) => Object.keys(tapeWays(code, side)).length === 0,
  );
  expect(without).toEqual([]);
});
