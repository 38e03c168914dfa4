import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyDraft, BRIEF_FACTS, sampleDraft } from "../../testing/index.ts";
import { checkDraft } from "../checks/index.ts";
import type { Draft } from "../draft.ts";
import { joinOf, pathData } from "../geometry/index.ts";
import { girthsOf, pieceOf } from "../measured.ts";
import { cutLine, edgeLength, edgeOf, levelWidth, outlineOf, type Piece } from "../piece/index.ts";
import { drawBy } from "../recipes/index.ts";
import { operate } from "./operations.ts";

const brief = sampleDraft("brief", BRIEF_FACTS);
type Params = Readonly<Record<string, unknown>>;
const done = (draft: Draft, operation: string, params: Params): Draft => {
  const answer = operate(draft, [{ operation, params }]);
  if (!answer.ok) throw new Error(`${answer.problem.code}: ${answer.problem.message}`);
  return answer.value.draft;
};
const along = (draft: Draft, piece: string, edge: string) => edgeLength(edgeOf(pieceOf(draft, piece), edge));
const girth = (draft: Draft, level: string) =>
  girthsOf(draft).girths.find((one) => one.level === level)?.piecesMm ?? Number.NaN;
const closes = (piece: Piece) => {
  const outline = outlineOf(piece);
  // One line round the piece, or programs that read it draw another.
  const once = [outline, cutLine(piece)].every((lines) => pathData(lines).split("M").length === 2);
  return once && outline.every((line, at) => joinOf(line, outline[(at + 1) % outline.length] ?? line).gapMm < 1e-3);
};
/** What is broken that was not before. */
const broken = (before: Draft, after: Draft) => {
  const had = new Set(checkDraft(before).flatMap(({ ok, id }) => (ok ? [] : [id])));
  return checkDraft(after).flatMap(({ ok, id }) => (ok || had.has(id) ? [] : [id]));
};
const problemOf = (operation: string, params: Params) => {
  const answer = operate(brief, [{ operation, params }]);
  return answer.ok ? "" : `${answer.problem.code}: ${answer.problem.message}`;
};

describe("girth taken in", () => {
  it("is the level narrower by just so much, and no other", () => {
    const taken = done(brief, "girth", { level: "highHip", amount: -24, blend: 80 });
    expect(girth(taken, "highHip")).toBeCloseTo(780 - 24, 3);
    expect(girth(taken, "waist")).toBeCloseTo(640, 3);
    // By hand: four side edges take a quarter each.
    const width = (draft: Draft) =>
      levelWidth(pieceOf(draft, "front").levels[1] ?? { level: "", from: { x: 0, y: 0 }, to: { x: 0, y: 0 } });
    expect(width(taken)).toBeCloseTo(width(brief) - 6, 3);
  });

  it("past the side moves what of its blend reaches it", () => {
    const taken = done(brief, "girth", { level: "hip", amount: -20, blend: 80 });
    const side = pieceOf(taken, "front")
      .edges.find(({ id }) => id === "side")
      ?.lines.at(-1)?.to;
    const before = pieceOf(brief, "front")
      .edges.find(({ id }) => id === "side")
      ?.lines.at(-1)?.to;
    // 40 mm past the end, blended over 80: half of a quarter of 20.
    expect((before?.x ?? 0) - (side?.x ?? 0)).toBeGreaterThan(2);
    expect((before?.x ?? 0) - (side?.x ?? 0)).toBeLessThan(2.6);
    expect(girth(taken, "highHip")).toBeCloseTo(780, 2);
  });

  it("shifted to the front is taken from the back: the whole stays", () => {
    const shifted = done(brief, "shiftGirth", { level: "highHip", amount: 5, blend: 80 });
    expect(girth(shifted, "highHip")).toBeCloseTo(780, 2);
    expect(along(shifted, "front", "waist")).toBeCloseTo(along(brief, "front", "waist"), 2);
  });
});

describe("a length", () => {
  it("given at the centre alone leaves the side as it was, and the girths", () => {
    const longer = done(brief, "lengthen", { piece: "back", from: "waist", to: "highHip", centre: 12, side: 0 });
    expect(along(longer, "back", "centre")).toBeCloseTo(along(brief, "back", "centre") + 12, 6);
    expect(along(longer, "back", "side")).toBeCloseTo(along(brief, "back", "side"), 1);
    expect(girth(longer, "highHip")).toBeCloseTo(780, 6);
    expect(broken(brief, longer)).toEqual([]);
  });

  it("given front and back alike keeps the seams equal", () => {
    const front = done(brief, "lengthen", { piece: "front", from: "highHip", to: "bottom", centre: -10, side: -10 });
    const both = done(front, "lengthen", { piece: "back", from: "highHip", to: "bottom", centre: -10, side: -10 });
    expect(along(both, "front", "centre") + along(both, "back", "centre")).toBeCloseTo(
      along(brief, "front", "centre") + along(brief, "back", "centre") - 20,
      6,
    );
    // The leg meets the side at another angle now, which the rule on lines says; the seams are what they were.
    expect(broken(brief, both)).not.toContain("seamsMatch");
  });

  it("taken back by as much is what it was, to a thread", () => {
    const there = done(brief, "lengthen", { piece: "front", from: "waist", to: "highHip", centre: 9, side: 4 });
    expect(along(there, "front", "centre") - along(brief, "front", "centre")).toBeCloseTo(9, 6);
    expect(pieceOf(brief, "front")).toEqual(pieceOf(sampleDraft("brief", BRIEF_FACTS), "front"));
  });
});

describe("a line", () => {
  it("moved up takes the edge above it along, and leaves the level below", () => {
    const moved = done(brief, "moveLevel", { piece: "back", level: "waist", centre: -10, side: 0 });
    expect(along(moved, "back", "centre")).toBeCloseTo(along(brief, "back", "centre") + 10, 6);
    expect(girth(moved, "highHip")).toBeCloseTo(780, 6);
    expect(along(moved, "back", "side")).toBeCloseTo(along(brief, "back", "side"), 1);
  });

  it("between two others keeps both in their place", () => {
    const moved = done(brief, "moveLevel", { piece: "front", level: "highHip", centre: 8, side: 8 });
    const level = (draft: Draft, at: number) => pieceOf(draft, "front").levels[at]?.from.y ?? Number.NaN;
    expect(level(moved, 1)).toBeCloseTo(level(brief, 1) + 8, 6);
    expect(level(moved, 0)).toBeCloseTo(level(brief, 0), 6);
    expect(along(moved, "front", "centre")).toBeCloseTo(along(brief, "front", "centre"), 6);
  });
});

describe("any body", () => {
  const AMOUNT = fc.integer({ min: -12, max: 12 });
  it.each(["brief", "onePiece"])("of a %s stays whole: closed, seams equal, no edge over another", (recipe) => {
    let drawnOf = 0;
    fc.assert(
      fc.property(anyDraft(recipe), AMOUNT, AMOUNT, (facts, one, other) => {
        const drawn = drawBy(recipe, facts);
        if (!drawn.ok) return;
        drawnOf += 1;
        const levels = pieceOf(drawn.value, "front").levels.map(({ level }) => level);
        const [upper, lower] = [levels.at(-2) ?? "top", levels.at(-1) ?? "bottom"];
        const changed = operate(drawn.value, [
          { operation: "lengthen", params: { piece: "front", from: upper, to: lower, centre: one, side: 0 } },
          { operation: "lengthen", params: { piece: "back", from: upper, to: lower, centre: other, side: 0 } },
        ]);
        if (!changed.ok) {
          expect(changed.problem.code).toMatch(/^(no-room|past-the-side|width-not-met|turns-over|unknown-level)$/);
          return;
        }
        for (const piece of changed.value.draft.pieces) expect(closes(piece)).toBe(true);
        expect(
          broken(drawn.value, changed.value.draft).filter((id) => id === "seamsMatch" || id === "noCrossing"),
        ).toEqual([]);
      }),
      { seed: 20261126, numRuns: 40, endOnFailure: true },
    );
    expect(drawnOf).toBeGreaterThan(25);
  });
});

describe("a wedge", () => {
  it("folded out shortens the neck by as much, and leaves side and bust as they were", () => {
    fc.assert(
      fc.property(anyDraft("onePiece"), fc.integer({ min: -14, max: 10 }), (facts, amount) => {
        const drawn = drawBy("onePiece", facts);
        if (!drawn.ok || amount === 0) return;
        const neck = along(drawn.value, "front", "neckline");
        const answer = operate(drawn.value, [
          { operation: "slash", params: { piece: "front", edge: "neckline", at: neck / 2, hinge: "bust", amount } },
        ]);
        if (!answer.ok) {
          expect(answer.problem.code).toMatch(/^(no-room|unknown-level)$/);
          return;
        }
        const { draft } = answer.value;
        // The middle of a straight neckline is its rounded corner: truing there cuts more of the way off.
        const trued = facts.options.neck === "straight" ? 8 : 6;
        expect(Math.abs(along(draft, "front", "neckline") - neck - amount)).toBeLessThan(trued);
        expect(along(draft, "front", "side")).toBeCloseTo(along(drawn.value, "front", "side"), 2);
        const bust = girth(drawn.value, "bust");
        // A deep back cuts the bust line off: then it is no ring.
        if (Number.isFinite(bust)) expect(girth(draft, "bust")).toBeCloseTo(bust, 6);
        expect(closes(pieceOf(draft, "front"))).toBe(true);
      }),
      { seed: 20261126, numRuns: 40, endOnFailure: true },
    );
  });
});

describe("what cannot be done", () => {
  it.each([
    ["girth", { level: "bust", amount: 5, blend: 80 }, /^unknown-level: .*waist, highHip, hip, but got “bust”/],
    ["girth", { level: "hip", amount: 5, blend: 20 }, /^past-the-side: .*40 mm past it/],
    ["lengthen", { piece: "front", from: "hip", to: "waist", centre: 5, side: 5 }, /^unknown-level/],
    ["lengthen", { piece: "front", from: "highHip", to: "waist", centre: 5, side: 5 }, /^no-room/],
    ["moveLevel", { piece: "sleeve", level: "waist", centre: 5, side: 5 }, /^unknown-piece/],
    ["shiftGirth", { level: "knee", amount: 5, blend: 80 }, /^unknown-level/],
    ["slash", { piece: "front", edge: "leg", at: 60, hinge: "waist", amount: -8 }, /^unknown-edge/],
    ["slash", { piece: "front", edge: "waist", at: 2, hinge: "highHip", amount: -8 }, /^no-room/],
  ])("%s %o is named", (operation, params, message) => {
    expect(problemOf(operation, params).replace(/Operation 1, \w+: /, "")).toMatch(message);
  });
});
