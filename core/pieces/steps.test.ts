import { describe, expect, it } from "vitest";
import { edgeLength, edgeOf, pieceOf } from "../drafting/index.ts";
import { BRIEF_FACTS } from "../testing/index.ts";
import { drawPieces, PIECES } from "./calculations.ts";
import { stepsOf } from "./optionFields.ts";
import { NO_PIECES } from "./pieceFacts.ts";
import { stepWords } from "./stepWords.ts";

const facts = { ...NO_PIECES, drawn: { ...BRIEF_FACTS, options: {} } };
const scoop = (depth: number) => ({ operation: "scoop", params: { piece: "front", edge: "waist", at: 0, depth } });
const drawn = (...steps: readonly unknown[]) =>
  drawPieces("briefPieces", { ...PIECES.briefPieces.fresh, steps }, facts);
const centre = (reckoning: ReturnType<typeof drawn>) =>
  reckoning.draft ? edgeLength(edgeOf(pieceOf(reckoning.draft, "front"), "centre")) : Number.NaN;

describe("steps drawn on pieces", () => {
  it("are done one after another, each with what it changed", () => {
    const reckoning = drawn(scoop(8), scoop(4));
    expect(centre(drawn()) - centre(reckoning)).toBeCloseTo(12, 6);
    expect(reckoning.steps.map(({ problem }) => problem)).toEqual(["", ""]);
    expect(reckoning.steps[1]?.report?.edges.map(({ edge }) => edge)).toContain("centre");
  });

  it("stop at the first that cannot be drawn, and say so", () => {
    const broken = { operation: "scoop", params: { piece: "front", edge: "hem", at: 0, depth: 4 } };
    const reckoning = drawn(scoop(8), broken, scoop(4));
    expect(centre(drawn()) - centre(reckoning)).toBeCloseTo(8, 6);
    expect(reckoning.steps.map(({ report }) => report !== null)).toEqual([true, false, false]);
    expect(reckoning.warnings).toEqual([
      expect.stringMatching(/^Step 2 is not drawn\. Expected an edge of front: .*Take it back/),
    ]);
  });

  it("are none of what never had any", () => {
    expect(stepsOf({})).toEqual([]);
    expect(stepsOf({ steps: null })).toEqual([]);
  });

  it("are told in words, by what they do and where", () => {
    expect(
      [
        { operation: "overlap", params: { piece: "Cup", edge: "top", into: "side", width: 9 } },
        { operation: "split", params: { piece: "Cup", edge: "top", to: "under", bow: 6 } },
        { operation: "moveSeam", params: { piece: "Cup", edge: "top", amount: -4 } },
        scoop(8),
      ].map(stepWords),
    ).toEqual([
      "Cup: a lap of 9 mm at top as a dart, sewn in side",
      "Cup: split from top to under, bowed by 6 mm",
      "Cup: top moved by −4 mm",
      "front, waist: scoop an edge, 8 mm",
    ]);
  });
});
