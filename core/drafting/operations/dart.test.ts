import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftOf, sampleDraft, samplePiece } from "../../testing/index.ts";
import { checkDraft } from "../checks/index.ts";
import { distance, joinOf, point } from "../geometry/index.ts";
import { girthsOf, pieceOf } from "../measured.ts";
import { asCut, cutLine, edgeLength, edgeOf, outlineOf, type Piece, pointOf } from "../piece/index.ts";
import { type OperationCall, operate } from "./operations.ts";

const top = sampleDraft("camisole", {
  measures: { bust: 900, bust_front_arc: 480, apex_span: 180 },
  girths: { bust: 840, waist: 700, hip: 930 },
  lengths: { back_waist: 400, front_waist: 420, shoulder_to_apex: 255, waist_to_hip: 200 },
  options: {},
});
const front = pieceOf(top, "front");
const armhole = edgeLength(edgeOf(front, "armhole"));
const dart = (own: Readonly<Record<string, unknown>> = {}): OperationCall => ({
  operation: "dart",
  params: {
    ...{ piece: "front", edge: "armhole", at: armhole / 2, width: 12, point: "apex", into: "side", intoAt: 60 },
    ...{ stop: 20, ...own },
  },
});
const done = (...calls: readonly OperationCall[]) => {
  const answer = operate(top, calls);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value;
};
const cut = (...calls: readonly OperationCall[]) => asCut(pieceOf(done(...calls).draft, "front"));
const closed = (piece: Piece) => {
  const outline = outlineOf(piece);
  for (const [at, line] of outline.entries())
    expect(joinOf(line, outline[(at + 1) % outline.length] ?? line).gapMm).toBeLessThan(1e-3);
};

describe("a gap turned into a dart", () => {
  it("by hand: on a square, pinched at the top, turned about its middle, opened at the right", () => {
    const square = samplePiece([
      [0, 0],
      [200, 0],
      [200, 200],
      [0, 200],
    ]);
    const draft = draftOf([{ ...square, points: [{ id: "apex", at: point(100, 100) }] }]);
    const call = {
      operation: "dart",
      params: { piece: "piece", edge: "a", at: 100, width: 20, point: "apex", into: "b", intoAt: 100, stop: 15 },
    };
    const answer = operate(draft, [call]);
    if (!answer.ok) throw new Error(answer.problem.message);
    const piece = asCut(pieceOf(answer.value.draft, "piece"));
    // θ = 2 asin(d / (2a)) with a = b = 100: the dart is as wide as the gap.
    expect(piece.drawnDarts).toEqual([
      { id: "b.dart", mouth: expect.anything(), end: expect.anything(), widthMm: expect.closeTo(20, 6) },
    ]);
    const [made] = piece.drawnDarts;
    expect(made && distance(made.end, point(100, 100))).toBeCloseTo(15, 9);
    expect(made && distance(made.mouth[0], made.end)).toBeCloseTo(made ? distance(made.mouth[1], made.end) : 0, 9);
    expect(edgeLength(edgeOf(piece, "b")) + edgeLength(edgeOf(piece, "b-2"))).toBeCloseTo(200, 9);
    closed(piece);
  });

  it("leaves every girth and seam as it was, shortens the edge that gaped by about the pinch, and keeps every rule", () => {
    const { draft, reports } = done(dart());
    expect(girthsOf(draft)).toEqual(girthsOf(top));
    const piece = asCut(pieceOf(draft, "front"));
    const side = edgeLength(edgeOf(piece, "side")) + edgeLength(edgeOf(piece, "side-2"));
    expect(side).toBeCloseTo(edgeLength(edgeOf(front, "side")), 4);
    expect(armhole - edgeLength(edgeOf(piece, "armhole"))).toBeGreaterThan(8);
    expect(armhole - edgeLength(edgeOf(piece, "armhole"))).toBeLessThan(16);
    expect(reports[0]?.edges.map(({ edge }) => edge)).toEqual(expect.arrayContaining(["armhole", "side", "side-2"]));
    expect(checkDraft(draft).filter(({ ok }) => !ok)).toEqual([]);
    closed(piece);
  });

  it("trues the edge: no corner is left where it was pinched", () => {
    const lines = edgeOf(cut(dart()), "armhole").lines;
    for (const [at, line] of lines.slice(1).entries())
      expect(Math.abs(joinOf(lines[at] ?? line, line).cornerDeg ?? 90)).toBeLessThan(0.01);
  });

  it("shapes the allowance so that the folded dart ends in the seam", () => {
    const piece = cut(dart());
    const [made] = piece.drawnDarts;
    const peak = edgeOf(piece, "side.dart").lines[0]?.to;
    expect(peak && made && distance(peak, made.end)).toBeGreaterThan(made ? distance(made.mouth[0], made.end) : 0);
    expect(cutLine(piece).length).toBeGreaterThan(piece.edges.length);
  });

  it("turns from the neckline, and the other way round from the hem into the neckline, alike", () => {
    const neck = edgeLength(edgeOf(front, "neckline")) / 2;
    const hem = edgeLength(edgeOf(front, "hem")) / 2;
    closed(cut(dart({ edge: "neckline", at: neck })));
    const back = cut(dart({ edge: "hem", at: hem, into: "neckline", intoAt: neck, width: 10 }));
    closed(back);
    expect(edgeLength(edgeOf(back, "neckline")) + edgeLength(edgeOf(back, "neckline-2"))).toBeCloseTo(2 * neck, 4);
  });

  it("whatever its place and width, is drawn closed or refused with a sentence", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("armhole", "neckline", "hem", "strap"),
        fc.integer({ min: 0, max: 220 }),
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom("side", "hem", "armhole", "neckline"),
        fc.integer({ min: 0, max: 350 }),
        (edge, at, width, into, intoAt) => {
          const answer = operate(top, [dart({ edge, at, width, into, intoAt })]);
          if (answer.ok) closed(asCut(pieceOf(answer.value.draft, "front")));
          else expect(answer.problem.message).toMatch(/^Operation 1, dart: Expected .*\.$/);
        },
      ),
      { seed: 20261126, numRuns: 200 },
    );
  });

  it("stays in its seam while later changes are made", () => {
    const later = { operation: "girth", params: { level: "waist", amount: -20, blend: 60 } };
    const { draft } = done(dart(), later);
    expect(girthsOf(draft).girths.find(({ level }) => level === "waist")?.piecesMm).toBeCloseTo(680, 3);
    const piece = asCut(pieceOf(draft, "front"));
    expect(piece.drawnDarts).toHaveLength(1);
    closed(piece);
    expect(checkDraft(draft).filter(({ ok, id }) => !ok && id !== "girthsSum")).toEqual([]);
  });
});

describe("a dart pivoted", () => {
  it("keeps its angle: its width goes with the way to the new seam", () => {
    const apex = pointOf(front, "apex") ?? point(0, 0);
    const [before] = cut(dart()).drawnDarts;
    const pivot = { operation: "pivotDart", params: { piece: "front", dart: "side.dart", into: "hem", intoAt: 90 } };
    const [after] = cut(dart(), pivot).drawnDarts;
    const part = (one: typeof before) => (one ? one.widthMm / distance(apex, one.mouth[0]) : 0);
    expect(after?.id).toBe("hem.dart");
    expect(part(after)).toBeCloseTo(part(before), 9);
  });

  it("that is not there is named", () =>
    expect(
      operate(top, [{ operation: "pivotDart", params: { piece: "front", dart: "x", into: "hem", intoAt: 9 } }]),
    ).toMatchObject({ ok: false, problem: { code: "unknown-dart", message: expect.stringContaining("it has none") } }));
});

describe("an apex moved", () => {
  it("takes the dart's point along", () => {
    const move = { operation: "movePoint", params: { piece: "front", point: "apex", across: 6, down: -9 } };
    const [before, after] = [cut(dart()), cut(dart(), move)];
    const [from, to] = [pointOf(before, "apex"), pointOf(after, "apex")];
    expect([(to?.x ?? 0) - (from?.x ?? 0), (to?.y ?? 0) - (from?.y ?? 0)]).toEqual([
      expect.closeTo(6, 9),
      expect.closeTo(-9, 9),
    ]);
    const [made] = after.drawnDarts;
    expect(made && to && distance(made.end, to)).toBeCloseTo(20, 9);
  });

  it("is placed by its drop from the top edge at a fitting", () => {
    const place = { operation: "placePoint", params: { piece: "front", point: "apex", fromCentre: 84, below: 95 } };
    const apex = pointOf(pieceOf(done(place).draft, "front"), "apex");
    expect(apex?.x).toBe(84);
    // The strap seat lies there, 70 above the underarm.
    expect(apex?.y).toBeCloseTo(95 - 70, 3);
  });
});

describe("a dart that cannot be", () => {
  it.each([
    ["about no point", { point: "nipple" }, "no-dart", /point nipple: apex/],
    ["wider than its edge", { width: 140 }, "no-dart", /pinch of 140.0 mm within armhole/],
    ["off its seam", { intoAt: 900 }, "no-dart", /dart within side of front, 0 to/],
    ["from an edge into itself", { into: "armhole" }, "no-dart", /two edges of front/],
    ["from the fold", { into: "centre", intoAt: 40 }, "no-dart", /neither on the fold/],
    ["with no length left", { stop: 299 }, "no-dart", /stop less than/],
    ["on a piece without an apex", { piece: "back" }, "no-dart", /place the apex first/],
  ] as const)("%s is named", (_said, own, code, message) =>
    expect(operate(top, [dart(own)])).toMatchObject({
      ok: false,
      problem: { code, message: expect.stringMatching(message) },
    }),
  );

  it("beside one in the same seam is named", () =>
    expect(operate(top, [dart(), dart({ edge: "neckline", at: 40 })])).toMatchObject({
      ok: false,
      problem: { code: "dart-there", message: expect.stringContaining("Operation 2") },
    }));

  it("any more after a change is told by the rule, and left out of the drawing", () => {
    const [sewn] = pieceOf(done(dart()).draft, "front").darts ?? [];
    if (!sewn) throw new Error("There is a dart.");
    const broken = draftOf([{ ...front, darts: [{ ...sewn, intoMm: 4000 }] }]);
    expect(checkDraft(broken).find(({ id }) => id === "dartsFit")).toMatchObject({ ok: false, piece: "front" });
    expect(asCut(broken.pieces[0] ?? front).drawnDarts).toEqual([]);
  });
});
