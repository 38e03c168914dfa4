import { describe, expect, it } from "vitest";
import { sampleDraft } from "../../../testing/index.ts";
import { checkDraft } from "../../checks/index.ts";
import { girthsOf } from "../../measured.ts";
import { edgeLength, edgeOf } from "../../piece/index.ts";
import { drawBy } from "../recipes.ts";

const FACTS = {
  measures: { hip: 1000, hip_front_arc: 480 },
  girths: { hip: 1020 },
  lengths: { skirt_side: 700, waist_to_hip: 200 },
};
const drawn = (options: Readonly<Record<string, number>> = {}) => sampleDraft("skirt", { ...FACTS, options });
const edge = (draft: ReturnType<typeof drawn>, piece: string, id: string) => {
  const found = draft.pieces.find((one) => one.id === piece);
  if (!found) throw new Error(`There is no ${piece}.`);
  return edgeOf(found, id);
};

describe("a skirt from the hip down", () => {
  it("by hand: straight, as wide as the plan all the way, from hip to hem", () => {
    const draft = drawn();
    expect(edgeLength(edge(draft, "front", "side"))).toBe(500);
    expect(edgeLength(edge(draft, "front", "hem"))).toBeCloseTo((1020 * 0.48) / 2, 9);
    expect(edgeLength(edge(draft, "back", "hem"))).toBeCloseTo((1020 * 0.52) / 2, 9);
    expect(girthsOf(draft).girths).toEqual([{ level: "hip", plannedMm: 1020, piecesMm: expect.closeTo(1020, 9) }]);
    expect(draft.pieces.map(({ id, count, onFold, mirrored }) => [id, count, onFold, mirrored])).toEqual([
      ["front", 1, true, false],
      ["back", 2, false, true],
    ]);
  });

  it("narrowed is narrower at the hem by side and back amounts, with its seams as long as one another", () => {
    const draft = drawn({ narrow_side: 20, narrow_back: 12 });
    expect(edgeLength(edge(draft, "front", "hem"))).toBeCloseTo(244.8 - 20, 9);
    expect(edgeLength(edge(draft, "back", "hem"))).toBeCloseTo(265.2 - 20 - 12, 9);
    expect(checkDraft(draft).filter(({ ok }) => !ok)).toEqual([]);
    expect(draft.notes.join(" ")).toMatch(/an opening to walk in/);
  });

  it.each([
    [{ skirt_side: 210, waist_to_hip: 200 }, {}, /at least 220 mm, past the hip, but it is 210/],
    [{ skirt_side: 560, waist_to_hip: 200 }, { narrow_side: 10 }, /at least 600 mm, past the knee, but it is 560/],
  ])("too short for its hem is named: %o", (lengths, options, message) => {
    expect(drawBy("skirt", { ...FACTS, lengths, options: options as Record<string, number> })).toMatchObject({
      ok: false,
      problem: { code: "skirt-too-short", message: expect.stringMatching(message) },
    });
  });
});
