import { describe, expect, it } from "vitest";
import { sampleDraft } from "../../../testing/index.ts";
import { boxOfEdges, cutLine, edgeLength, edgeOf } from "../../piece/index.ts";
import { drawBy } from "../recipes.ts";

const FACTS = { measures: {}, girths: {}, lengths: {} };
const strip = (options: Readonly<Record<string, number | string>>) => {
  const [piece] = sampleDraft("rectangle", {
    ...FACTS,
    options: { length: 400, width: 10, seam_allowance: 6, ...options },
  }).pieces;
  if (!piece) throw new Error("There is a strip.");
  const { from, to } = boxOfEdges(cutLine(piece));
  return { piece, cutMm: [to.x - from.x, to.y - from.y].map((mm) => Math.round(mm * 1e6) / 1e6) };
};

describe("a strip", () => {
  it.each([
    // A tube: twice its finished width and allowance.
    ["strap", 10, [400, 2 * (10 + 6)]],
    ["loop", 8, [400, 2 * (8 + 6)]],
    ["tie", 10, [412, 32]],
    ["band", 30, [412, 72]],
    // Folded twice, its edges within: no allowance along them.
    ["binding", 7, [412, 28]],
    // Twice the elastic, twice the allowance, 4 mm of room.
    ["casing", 25, [412, 2 * 25 + 2 * 6 + 4]],
  ])("%s of %d mm is cut %o", (kind, width, cut) => expect(strip({ kind, width }).cutMm).toEqual(cut));

  it("is as long as told between its ends, and cut so many times", () => {
    const { piece } = strip({ kind: "strap", length: 365, count: 4 });
    expect(edgeLength(edgeOf(piece, "top"))).toBe(365);
    expect(piece.count).toBe(4);
  });

  it.each([
    [{ width: 10 }, "missing"],
    [{ width: 10, length: 300, count: 1.5 }, "option-outside"],
    [{ width: 10, length: 300, kind: "rope" }, "option-outside"],
  ])("%o is refused", (options, code) => {
    expect(drawBy("rectangle", { ...FACTS, options: options as Record<string, number> })).toMatchObject({
      ok: false,
      problem: { code },
    });
  });
});
