import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, ONE_PIECE_FACTS, sampleDraft } from "../../testing/index.ts";
import type { Draft } from "../draft.ts";
import { directionAt, distance, point } from "../geometry/index.ts";
import { pieceOf } from "../measured.ts";
import { edgeLength, edgeOf, levelWidth } from "../piece/index.ts";
import { call, operate } from "./operations.ts";

const onePiece = sampleDraft("onePiece", ONE_PIECE_FACTS);
const brief = sampleDraft("brief", BRIEF_FACTS);
const along = (draft: Draft, piece: string, edge: string) => edgeLength(edgeOf(pieceOf(draft, piece), edge));
const done = (draft: Draft, ...calls: Parameters<typeof operate>[1]) => {
  const result = operate(draft, calls);
  if (!result.ok) throw new Error(result.problem.message);
  return result.value.draft;
};
const armhole = (amount: number, own = {}) =>
  call("wedge", { piece: "front", edge: "armhole", at: 120, into: "neckline", intoAt: 110, amount, ...own });

describe("a wedge from edge to edge", () => {
  it.each([-9, 6])("of %d mm changes its edge by just that, and keeps the other and the side", (amount) => {
    const after = done(onePiece, armhole(amount));
    expect(along(after, "front", "armhole") - along(onePiece, "front", "armhole")).toBeCloseTo(amount, 3);
    expect(Math.abs(along(after, "front", "neckline") - along(onePiece, "front", "neckline"))).toBeLessThan(0.3);
    for (const edge of ["side", "shoulder", "centre"])
      expect(along(after, "front", edge)).toBeCloseTo(along(onePiece, "front", edge), 6);
    for (const line of pieceOf(onePiece, "front").levels)
      expect(levelWidth(pieceOf(after, "front").levels.find(({ level }) => level === line.level) ?? line)).toBeCloseTo(
        levelWidth(line),
        6,
      );
  });

  it("closes the outline: every edge begins where the last ended", () => {
    const { edges } = pieceOf(done(onePiece, armhole(-9)), "front");
    for (const [at, edge] of edges.entries()) {
      const end = edges.at(at - 1)?.lines.at(-1)?.to;
      expect(edge.lines[0]?.from.x).toBeCloseTo(end?.x ?? Number.NaN, 6);
      expect(edge.lines[0]?.from.y).toBeCloseTo(end?.y ?? Number.NaN, 6);
    }
  });

  it.each([
    ["too near to an end", armhole(-9, { at: 10 }), "no-room"],
    ["to its own edge", armhole(-9, { into: "armhole" }), "one-edge"],
    ["of an edge that is not there", armhole(-9, { edge: "leg-2" }), "unknown-edge"],
  ])("%s is refused by name", (_told, wrong, code) =>
    expect(operate(onePiece, [wrong])).toMatchObject({ ok: false, problem: { code } }),
  );
});

describe("an edge that ends elsewhere", () => {
  const lowered = (amount: number) =>
    done(
      brief,
      call("moveEnd", { piece: "front", edge: "side", end: "start", amount }),
      call("moveEnd", { piece: "back", edge: "side", end: "start", amount }),
    );

  it.each([-15, 12])("is %d mm longer, and what it meets goes along, as square as before", (amount) => {
    const after = lowered(amount);
    for (const half of ["front", "back"])
      expect(along(after, half, "side") - along(brief, half, "side")).toBeCloseTo(amount, 3);
    const { edges } = pieceOf(after, "front");
    const [waist, side] = [edgeOf(pieceOf(after, "front"), "waist"), edgeOf(pieceOf(after, "front"), "side")];
    expect(distance(waist.lines.at(-1)?.to ?? point(0, 0), side.lines[0]?.from ?? point(9, 9))).toBeLessThan(1e-6);
    const [into, down] = [waist.lines.at(-1), side.lines[0]].map(
      (line, at) => line && directionAt(line, at === 0 ? 1 : 0),
    );
    expect((into?.x ?? 9) * (down?.x ?? 9) + (into?.y ?? 9) * (down?.y ?? 9)).toBeCloseTo(0, 6);
    expect(edges).toHaveLength(pieceOf(brief, "front").edges.length);
  });

  it("goes along the fold at the centre, and keeps it one straight line", () => {
    const after = done(brief, call("moveEnd", { piece: "back", edge: "centre", end: "end", amount: -20 }));
    const centre = edgeOf(pieceOf(after, "back"), "centre");
    expect(along(after, "back", "centre")).toBeCloseTo(along(brief, "back", "centre") - 20, 9);
    expect(centre.lines).toHaveLength(1);
    expect(centre.lines[0]?.to.x).toBe(0);
  });

  it("keeps some of itself", () =>
    expect(
      operate(brief, [call("moveEnd", { piece: "front", edge: "side", end: "start", amount: -299 })]),
    ).toMatchObject({
      problem: { code: "nothing-left" },
    }));
});
