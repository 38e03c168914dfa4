import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, ONE_PIECE_FACTS, sampleDraft } from "../../testing/index.ts";
import { checkDraft } from "../checks/index.ts";
import type { Draft } from "../draft.ts";
import { areaWithin } from "../geometry/index.ts";
import { girthsOf } from "../measured.ts";
import { type OperationCall, operate } from "../operations/index.ts";
import { asCut, cutLine, edgeLength, edgeOf, outlineOf } from "../piece/index.ts";
import { isParted, parted, sideOf, wholePieces, withSide } from "./index.ts";

const brief = sampleDraft("brief", BRIEF_FACTS);
const skirt = sampleDraft("skirt", {
  ...{ measures: { hip: 1000, hip_front_arc: 480 }, girths: { hip: 1010 }, options: {} },
  lengths: { skirt_side: 700, waist_to_hip: 200 },
});
const onePiece = sampleDraft("onePiece", ONE_PIECE_FACTS);

const done = (draft: Draft, ...calls: readonly OperationCall[]): Draft => {
  const result = operate(draft, calls);
  if (!result.ok) throw new Error(result.problem.message);
  return result.value.draft;
};
const girthAt = (draft: Draft, level: string) =>
  girthsOf(draft).girths.find((one) => one.level === level)?.piecesMm ?? Number.NaN;
const edgeOn = (draft: Draft, piece: string, edge: string) => {
  const found = draft.pieces.find(({ id }) => id === piece);
  if (!found) throw new Error(`No ${piece}.`);
  return edgeLength(edgeOf(found, edge));
};
const broken = (draft: Draft) =>
  checkDraft(draft).filter(({ ok, id }) => !ok && id !== "girthsSum" && id !== "elasticsTakeUp");
const letOut = (amount: number, own: Partial<OperationCall> = {}): OperationCall => ({
  ...{ operation: "girth", params: { level: "highHip", amount, blend: 80 } },
  ...own,
});

describe("left and right told apart", () => {
  it.each([
    ["brief", brief],
    ["one-piece", onePiece],
    ["skirt", skirt],
  ])("a %s comes to the same girths by the same rules", (_, draft) => {
    const apart = parted(draft);
    expect(isParted(apart)).toBe(true);
    expect(girthsOf(apart).girths.map(({ level }) => level)).toEqual(girthsOf(draft).girths.map(({ level }) => level));
    for (const { level, piecesMm } of girthsOf(draft).girths) expect(girthAt(apart, level)).toBeCloseTo(piecesMm, 9);
    expect(broken(apart).map(({ message }) => message)).toEqual(broken(draft).map(({ message }) => message));
    expect(parted(apart)).toBe(apart);
  });

  it("is cut as whole pieces of twice the area, alike on both sides", () => {
    const whole = wholePieces(parted(brief));
    expect(whole.map(({ id, onFold }) => [id, onFold])).toEqual(brief.pieces.map(({ id }) => [id, false]));
    for (const piece of whole) {
      const half = brief.pieces.find(({ id }) => id === piece.id);
      if (!half) throw new Error(piece.id);
      expect(areaWithin(outlineOf(piece))).toBeCloseTo(2 * areaWithin(outlineOf(asCut(half))), 4);
      expect(areaWithin(cutLine(piece))).toBeCloseTo(2 * areaWithin(cutLine(asCut(half))), 0);
      // In one run: every edge begins where the last ended.
      const lines = outlineOf(piece);
      for (const [at, line] of lines.entries()) {
        const before = lines.at(at - 1);
        expect(before?.to.x).toBeCloseTo(line.from.x, 6);
        expect(before?.to.y).toBeCloseTo(line.from.y, 6);
      }
    }
  });

  it("has each half of a piece that is cut turned over on its own side", () => {
    const backs = wholePieces(parted(skirt)).filter(({ name }) => name.startsWith("Back"));
    expect(backs.map(({ name, count, mirrored }) => [name, count, mirrored])).toEqual([
      ["Back, left", 1, false],
      ["Back, right", 1, false],
    ]);
    const [left, right] = backs.map((piece) => outlineOf(piece).map(({ from }) => from.x));
    expect(Math.max(...(left ?? []))).toBeCloseTo(-Math.min(...(right ?? [])), 6);
    for (const piece of backs) expect(areaWithin(outlineOf(piece))).toBeGreaterThan(0);
  });

  it("names the edges of a whole piece by their sides, and what they are sewn to", () => {
    const front = wholePieces(parted(brief)).find(({ id }) => id === "front");
    const sides = front?.edges.filter(({ role }) => role === "side");
    expect(sides?.map(({ id, seam }) => [id, seam?.piece, seam?.edge])).toEqual([
      ["side left", "back", "side left"],
      ["side right", "back", "side right"],
    ]);
  });

  it("puts the left of a front and the right of a back right of the centre, as seen from outside", () => {
    const at = (id: string, edge: string) =>
      wholePieces(parted(brief))
        .find((piece) => piece.id === id)
        ?.edges.find((one) => one.id === edge)?.lines[0]?.from.x ?? 0;
    expect([at("front", "side left"), at("back", "side right")].every((x) => x > 0)).toBe(true);
    expect([at("front", "side right"), at("back", "side left")].every((x) => x < 0)).toBe(true);
  });
});

describe("a change of one side", () => {
  it("is all on that side, and the other stays as it was", () => {
    const changed = done(brief, letOut(-18, { onSide: "left" }));
    expect(girthAt(changed, "highHip")).toBeCloseTo(girthAt(brief, "highHip") - 18, 2);
    expect(edgeOn(changed, "front.right", "side")).toBeCloseTo(edgeOn(brief, "front", "side"), 9);
    expect(edgeOn(changed, "front", "centre")).toBeCloseTo(edgeOn(changed, "front.right", "centre"), 9);
    expect(broken(changed)).toEqual([]);
    const [report] = (() => {
      const result = operate(brief, [letOut(-18, { onSide: "right" })]);
      return result.ok ? result.value.reports : [];
    })();
    expect(report?.edges.every(({ piece }) => piece.endsWith(".right"))).toBe(true);
    expect(report?.girths.map(({ level }) => level)).toContain("highHip");
  });

  it("of the right is the mirror image of the same of the left", () =>
    fc.assert(
      fc.property(fc.integer({ min: -30, max: 30 }), (amount) => {
        const [left, right] = (["left", "right"] as const).map((onSide) => done(brief, letOut(amount, { onSide })));
        if (!left || !right) throw new Error("Nothing was done.");
        expect(edgeOn(left, "back", "side")).toBeCloseTo(edgeOn(right, "back.right", "side"), 6);
        expect(girthAt(left, "highHip")).toBeCloseTo(girthAt(right, "highHip"), 6);
      }),
      { numRuns: 12 },
    ));

  it("is followed by changes of both, each by its share", () => {
    const changed = done(brief, letOut(-18, { onSide: "left" }), letOut(12));
    expect(girthAt(changed, "highHip")).toBeCloseTo(girthAt(brief, "highHip") - 6, 2);
    expect(edgeOn(changed, "front.right", "side")).not.toBeCloseTo(edgeOn(brief, "front", "side"), 2);
  });

  it("is taken back by mirroring the other side over it", () => {
    const changed = done(brief, letOut(-18, { onSide: "left" }), { operation: "mirror", params: { from: "right" } });
    expect(girthAt(changed, "highHip")).toBeCloseTo(girthAt(brief, "highHip"), 6);
    expect(broken(changed)).toEqual([]);
    expect(operate(brief, [{ operation: "mirror", params: { from: "left" } }])).toMatchObject({
      problem: { code: "not-parted" },
    });
  });

  it("notches both halves by the name of the piece, one by its side", () => {
    const pair = { operation: "notchPair", params: { piece: "front", edge: "side", at: 20, from: "start" } } as const;
    const notches = (draft: Draft, id: string) =>
      draft.pieces.find((piece) => piece.id === id)?.notches.filter(({ by }) => !by).length ?? 0;
    const before = notches(brief, "front");
    const both = done(brief, { operation: "part", params: {} }, pair);
    expect(["front", "front.right", "back", "back.right"].map((id) => notches(both, id) - before)).toEqual([
      1, 1, 1, 1,
    ]);
    const left = done(brief, { ...pair, onSide: "left" });
    expect(["front", "front.right", "back"].map((id) => notches(left, id) - before)).toEqual([1, 0, 1]);
  });

  it("is refused where nothing has sides, and a copy where they are told apart", () => {
    const strip = sampleDraft("rectangle", {
      measures: {},
      girths: {},
      lengths: {},
      options: { width: 12, length: 300 },
    });
    expect(operate(strip, [{ operation: "part", params: {} }])).toMatchObject({ problem: { code: "no-fold" } });
    const copy = { operation: "copy", params: { piece: "front", as: "net", name: "Net", role: "net" } };
    expect(operate(parted(brief), [copy])).toMatchObject({ problem: { code: "parted" } });
    expect(operate(parted(brief), [{ operation: "part", params: {} }])).toMatchObject({ problem: { code: "parted" } });
  });

  it("leaves a side that was only looked at as it was", () => {
    const apart = parted(brief);
    for (const side of ["left", "right"] as const) expect(withSide(apart, side, sideOf(apart, side))).toEqual(apart);
  });
});
