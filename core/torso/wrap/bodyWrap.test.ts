import { describe, expect, it } from "vitest";
import { sampleBody } from "../../testing/index.ts";
import { seamPairs, type WrapEdge, wrapLoop, wrapSum } from "./bodyWrap.ts";
import { garmentOverWrap, wrapAgainstBody } from "./wrapAgainstBody.ts";

const edge = (piece: string, lengthMm: number, own: Partial<WrapEdge> = {}): WrapEdge => ({
  piece,
  lengthMm,
  counts: "none",
  twice: false,
  seam: "",
  ...own,
});

describe("a body wrap", () => {
  it("sums the edges of a girth, twice where a piece stands for both sides", () => {
    const edges = [
      edge("Front", 190, { counts: "waist", twice: true }),
      edge("Back", 180, { counts: "waist" }),
      edge("Side", 99),
    ];
    expect([wrapSum(edges, "waist"), wrapSum(edges, "hip")]).toEqual([560, null]);
  });

  it("has the loop along one line, and none while a part is missing", () => {
    const parts = (["frontWaist", "crotchFront", "crotchBack"] as const).map((counts, index) =>
      edge("Piece", 300 + index, { counts, twice: true }),
    );
    expect(wrapLoop(parts)).toEqual({ frontWaist: 300, crotchFront: 301, crotchBack: 302 });
    expect(wrapLoop([...parts, edge("Back", 400, { counts: "backWaist" })]).trunkLoop).toBe(1303);
  });

  it("compares the two sides of each seam within 2 mm", () => {
    const pairs = seamPairs([
      edge("Front", 200, { seam: "A" }),
      edge("Front", 100, { seam: "A" }),
      edge("Side", 302, { seam: "A" }),
      edge("Side", 250, { seam: "B" }),
      edge("Back", 253, { seam: "B" }),
      edge("Back", 80, { seam: "C" }),
      edge("Cup", 60, { seam: "D" }),
      edge("Cup", 61, { seam: "D" }),
    ]);
    expect(pairs.map(({ seam, differenceMm, verdict }) => [seam, differenceMm, verdict])).toEqual([
      ["A", -2, "equal"],
      ["B", -3, "unequal"],
      ["C", null, "notTwo"],
      ["D", -1, "equal"],
    ]);
  });

  it("says how much looser than the tape it is, and what a garment takes off it", () => {
    const edges = [edge("Front", 765, { counts: "waist" }), edge("Front", 1000, { counts: "hip" })];
    const [waist, hip] = wrapAgainstBody(edges, sampleBody({ waist: 742 }));
    expect(waist?.looser?.explanation.result.value).toBe(23);
    expect(hip).toMatchObject({ tapedMm: null, looser: null });
    expect(garmentOverWrap("Waist", "Brief", 650, 765).explanation.result.value).toBe(-115);
  });

  it("is never tighter than a tape: that is doubted", () => {
    const [waist] = wrapAgainstBody([edge("Front", 700, { counts: "waist" })], sampleBody({ waist: 742 }));
    expect(waist?.looser?.explanation.notes.join()).toContain("no wrap is");
  });
});
