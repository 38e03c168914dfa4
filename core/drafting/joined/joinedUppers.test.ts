import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, CORSET_FACTS, sampleDraft } from "../../testing/index.ts";
import { joinOf } from "../geometry/index.ts";
import { edgeLength, edgeOf } from "../piece/index.ts";
import { joinedUppers } from "./joinedUppers.ts";

describe("the upper edge of panels, their seams closed", () => {
  const above = { above_front: 50, above_side: 30, above_back: 15 };
  const draft = sampleDraft("corset", { ...CORSET_FACTS, options: { gap: 50, weights: "sideLed", ...above } });
  const lines = joinedUppers(draft).flatMap((part) => part.lines);

  it("is one line without a gap or a corner, as long as its parts", () => {
    for (const [at, line] of lines.slice(1).entries()) {
      const join = joinOf(lines[at] ?? line, line);
      expect(join.gapMm).toBeLessThan(1e-6);
      expect(join.cornerDeg).toBeLessThan(0.01);
    }
    const whole = draft.pieces.reduce((sum, piece) => sum + edgeLength(edgeOf(piece, "top")), 0);
    expect(joinedUppers(draft).reduce((sum, { lines: own }) => sum + own.length, 0)).toBe(5);
    expect(whole).toBeGreaterThan(390);
  });

  it("is none of pieces that are no panels", () => expect(joinedUppers(sampleDraft("brief", BRIEF_FACTS))).toEqual([]));
});
