import { describe, expect, it } from "vitest";
import { areaWithin, checkDraft, type Draft, edgeLength, edgeOf, outlineOf, pieceOf } from "../../drafting/index.ts";
import type { Change } from "../../fitting/index.ts";
import { BRIEF_FACTS, SAMPLE_BREAST, sampleChange, sampleDraft } from "../../testing/index.ts";
import { redraw } from "../redraw.ts";

const measures = (right: number) => {
  const sides = (mm: number | null) => ({ left: mm ?? 0, right: (mm ?? 0) * right });
  const { rootWidthMm, rootHeightMm, wireLineMm, projectionMm, lowerCupMm, upperCupMm, crossCupMm } = SAMPLE_BREAST;
  return {
    ...{ root_width: sides(rootWidthMm), root_height: sides(rootHeightMm), wire_line: sides(wireLineMm) },
    ...{ projection: sides(projectionMm), lower_cup: sides(lowerCupMm) },
    ...{ upper_cup: sides(upperCupMm), cross_cup: sides(crossCupMm) },
  };
};
const cups = (seams: string, right = 1): Draft =>
  sampleDraft("cup", { measures: measures(right), girths: {}, lengths: {}, options: { seams, cloth_gives: 0.6 } });
const redrawn = (draft: Draft, own: Partial<Change>) =>
  redraw(draft, [sampleChange({ on: "cup", side: "both", pieces: "cup", parts: [], lengthId: "", ...own })], {
    rings: [],
    lengths: [],
  });
const area = (draft: Draft, piece: string) => areaWithin(outlineOf(pieceOf(draft, piece)));

describe("the volume of a cup", () => {
  it("is given at the seam by halves of both pieces, the seam still equal, the wire line as it was", () => {
    const before = cups("cross");
    const { draft, steps } = redrawn(before, { spot: "cupSide", amountMm: 12 });
    expect(
      steps[0]?.calls.map(({ operation, params }) => [operation, params.piece, params.edge, params.amount]),
    ).toEqual([["cupSeam", "upper", "cross", 12]]);
    for (const piece of ["upper", "lower"]) expect(area(draft, piece)).toBeGreaterThan(area(before, piece) + 300);
    expect(edgeLength(edgeOf(pieceOf(draft, "lower"), "wire"))).toBeCloseTo(
      edgeLength(edgeOf(pieceOf(before, "lower"), "wire")),
      6,
    );
    expect(checkDraft(draft).filter(({ ok, id }) => !ok && id === "seamsMatch")).toEqual([]);
  });

  it("is fullest toward the side where it is seen there, and toward the centre", () => {
    const at = (spot: Change["spot"]) => {
      const call = redrawn(cups("cross"), { spot, amountMm: 12 }).steps[0]?.calls[0];
      return Number(call?.params.at);
    };
    expect([at("cupSide"), at("cupCentre")].map((part) => Math.abs(part - 0.5).toFixed(2))).toEqual(["0.15", "0.15"]);
    expect(at("cupSide") + at("cupCentre")).toBeCloseTo(1, 6);
  });

  it("is taken at the upper edge by all of it", () => {
    const { steps, draft } = redrawn(cups("crossVertical"), { spot: "cupTop", amountMm: -5 });
    expect(steps[0]?.calls.map(({ params }) => [params.piece, params.edge, params.amount])).toEqual([
      ["upper", "top", -5],
    ]);
    expect(area(draft, "upper")).toBeLessThan(area(cups("crossVertical"), "upper"));
  });

  it("of one side is changed on that side: on its own cup, or on its half of one for both", () => {
    const own = redrawn(cups("cross", 0.96), { spot: "cupSide", amountMm: 8, side: "right" });
    expect(own.steps[0]?.calls.map(({ params }) => params.piece)).toEqual(["upperRight"]);
    const shared = redrawn(cups("cross"), { spot: "cupSide", amountMm: 8, side: "right" });
    expect(shared.steps[0]?.calls.map(({ onSide }) => onSide)).toEqual(["right"]);
    expect(shared.draft.pieces.map(({ id, count }) => [id, count])).toEqual([
      ["upper", 1],
      ["upper.right", 1],
      ["lower", 1],
      ["lower.right", 1],
    ]);
  });

  it("where there is no such seam, or the edge runs over several pieces, is told to be drawn anew", () => {
    expect(redrawn(cups("vertical"), { spot: "cupTop", amountMm: 6 }).steps[0]?.instead).toContain("several pieces");
    expect(redrawn(sampleDraft("brief", BRIEF_FACTS), { spot: "cupTop", amountMm: 6 }).steps[0]?.instead).toContain(
      "no cups are drawn",
    );
    expect(redrawn(cups("cross"), { spot: "cupTop", amountMm: null }).steps[0]?.instead).toContain("no amount");
  });
});
