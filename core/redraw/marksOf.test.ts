import { describe, expect, it } from "vitest";
import { type Dart, operate, pieceOf } from "../drafting/index.ts";
import { BRIEF_FACTS, sampleDraft } from "../testing/index.ts";
import { marksOf } from "./marksOf.ts";

const brief = sampleDraft("brief", BRIEF_FACTS);
const marksAfter = (operation: string, params: Readonly<Record<string, unknown>>, piece = "front") => {
  const answer = operate(brief, [{ operation, params }]);
  if (!answer.ok) throw new Error(answer.problem.message);
  return marksOf(pieceOf(brief, piece), pieceOf(answer.value.draft, piece));
};

/** A side let out between its levels, where no level tells it. */
const LET_OUT = {
  ...{ piece: "front", edge: "side", amount: 12, fullFrom: 48, fullTo: 52 },
  ...{ blendBefore: 20, blendAfter: 20 },
};

describe("the amounts at the marks", () => {
  it("tell at each level by how much the drawn half became wider", () => {
    const [waist] = marksAfter("girth", { level: "waist", amount: -12, blend: 40 });
    // Four drawn sides share the twelve: 3 mm each.
    expect(waist).toMatchObject({ id: "level waist", mm: expect.closeTo(-3, 3) });
    expect(waist && waist.from.x - waist.to.x).toBeCloseTo(3, 3);
  });

  it("tell where an edge moved most, once", () => {
    const marks = marksAfter("scoop", { piece: "front", edge: "leg", at: 140, depth: 9 });
    expect(marks).toHaveLength(1);
    expect(marks[0]).toMatchObject({ id: "edge leg", mm: expect.closeTo(9, 0) });
  });

  it("tell nothing of a seam that a dart opens in: the dart shows itself", () => {
    const marks = (darts: readonly Dart[]) => {
      const piece = pieceOf(brief, "front");
      return marksOf(piece, { ...pieceOf(narrowed, "front"), darts }).map(({ id }) => id);
    };
    const done = operate(brief, [{ operation: "letOut", params: LET_OUT }]);
    const narrowed = done.ok ? done.value.draft : brief;
    const dart = { ...{ id: "side.dart", edge: "waist", atMm: 9, widthMm: 8, point: "apex" }, intoMm: 9, stopMm: 5 };
    expect(marks([])).toContain("edge side");
    expect(marks([{ ...dart, into: "side" }])).not.toContain("edge side");
  });

  it("of a piece that stayed as it was are none", () => {
    expect(marksAfter("scoop", { piece: "front", edge: "leg", at: 140, depth: 9 }, "back")).toEqual([]);
    expect(marksOf(pieceOf(brief, "front"), pieceOf(brief, "front"))).toEqual([]);
  });
});
