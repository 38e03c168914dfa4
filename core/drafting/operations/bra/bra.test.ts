import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyDraft, BRIEF_FACTS, braFacts, sampleDraft } from "../../../testing/index.ts";
import { checkDraft } from "../../checks/index.ts";
import type { Draft } from "../../draft.ts";
import { areaWithin } from "../../geometry/index.ts";
import { girthsOf, pieceOf } from "../../measured.ts";
import { edgeLength, edgeOf, outlineOf } from "../../piece/index.ts";
import { drawBy } from "../../recipes/index.ts";
import { type OperationCall, operate } from "../operations.ts";

const wired = (options = {}, beside = {}) => sampleDraft("wiredBra", braFacts(options, beside));
const soft = (options = {}) => sampleDraft("softBra", braFacts(options));
const call = (operation: string, params: OperationCall["params"], onSide?: "left" | "right"): OperationCall => ({
  ...{ operation, params },
  ...(onSide ? { onSide } : {}),
});
function done(draft: Draft, ...calls: readonly OperationCall[]): Draft {
  const after = operate(draft, calls);
  if (!after.ok) throw new Error(after.problem.message);
  return after.value.draft;
}
const refused = (draft: Draft, one: OperationCall) => {
  const after = operate(draft, [one]);
  return after.ok ? null : after.problem;
};
const faults = (draft: Draft) => checkDraft(draft).filter(({ ok }) => !ok);
const lengthIn = (draft: Draft, piece: string, edge: string) => edgeLength(edgeOf(pieceOf(draft, piece), edge));
const grown = (before: Draft, after: Draft, piece: string, edge: string) =>
  lengthIn(after, piece, edge) - lengthIn(before, piece, edge);
const girth = (draft: Draft) => girthsOf(draft).girths[0]?.piecesMm ?? Number.NaN;

describe("a channel raised", () => {
  const raise = (amount: number, end = "underarm", blend = 50) => call("wireRaise", { end, amount, blend });

  it("at the underarm is longer by that, cradle, wing and the cup piece that meets it together", () => {
    const before = wired({ seams: "threePieces" });
    const after = done(before, raise(9));
    expect(grown(before, after, "cradle", "wire")).toBeCloseTo(9, 2);
    expect(grown(before, after, "side", "wire")).toBeCloseTo(9, 2);
    expect(grown(before, after, "bridge", "wire")).toBe(0);
    // The wing takes over at its seam what the blend still is there.
    expect(grown(before, after, "cradle", "side")).toBeGreaterThan(1);
    expect(grown(before, after, "wing", "side")).toBeCloseTo(grown(before, after, "cradle", "side"), 6);
    expect(grown(before, after, "wing", "end")).toBe(0);
    expect(faults(after)).toEqual([]);
  });

  it("ends on the cradle where the blend does", () => {
    const before = wired({ beyond_wire: 60 });
    const after = done(before, raise(9, "underarm", 40));
    expect(grown(before, after, "wing", "side")).toBe(0);
    expect(grown(before, after, "cradle", "side")).toBeCloseTo(0, 9);
  });

  it("lowered again is as long as it was", () => {
    const before = wired();
    const after = done(before, raise(9), raise(-9));
    expect(grown(before, after, "cradle", "wire")).toBeCloseTo(0, 2);
    expect(faults(after)).toEqual([]);
  });

  it("at the bridge raises the bridge whole, and the cup at the centre", () => {
    const before = wired({ seams: "vertical" });
    const after = done(before, raise(5, "bridge"));
    expect(grown(before, after, "bridge", "wire")).toBeCloseTo(5, 2);
    expect(grown(before, after, "bridge", "centre")).toBeCloseTo(5, 2);
    expect(grown(before, after, "inner", "wire")).toBeCloseTo(5, 2);
    expect(faults(after)).toEqual([]);
  });

  it("of one side leaves the other", () => {
    const before = wired();
    const after = done(before, call("wireRaise", { end: "underarm", amount: 7, blend: 50 }, "left"));
    expect(grown(before, after, "cradle", "wire")).toBeCloseTo(7, 2);
    expect(lengthIn(after, "cradle.right", "wire")).toBeCloseTo(lengthIn(before, "cradle", "wire"), 9);
    expect(faults(after)).toEqual([]);
  });

  it("keeps every rule on any bra, wherever the seams of its cups end", () => {
    fc.assert(
      fc.property(anyDraft("wiredBra"), fc.integer({ min: 1, max: 14 }), (facts, amount) => {
        const drawn = drawBy("wiredBra", facts);
        if (!drawn.ok) return;
        expect(faults(done(drawn.value, raise(amount), call("bridgeWidth", { amount: 4 })))).toEqual([]);
      }),
      { numRuns: 20 },
    );
  });

  it("is refused where there is none, or would be too short", () => {
    expect(refused(sampleDraft("brief", BRIEF_FACTS), raise(5))).toMatchObject({
      code: "no-band",
      message: expect.stringMatching(/^Operation 1, wireRaise: Expected a band/),
    });
    expect(refused(wired(), raise(-250))?.code).toBe("channel-too-short");
  });
});

describe("a bridge", () => {
  it.each([8, -6])("made wider by %s mm stands the cups apart, the girth as it was", (amount) => {
    for (const before of [wired(), soft(), soft({ back: "hooks" }), wired({}, { right: 0.95 })]) {
      const after = done(before, call("bridgeWidth", { amount }));
      expect(girth(after)).toBeCloseTo(girth(before), 6);
      const front = before.pieces[0]?.id ?? "";
      expect(edgeOf(pieceOf(after, front), "wire").lines[0]?.from.x).toBeCloseTo(10 + amount / 2, 6);
      expect(faults(after)).toEqual([]);
    }
  });

  it("is not made narrower than nothing", () =>
    expect(refused(wired(), call("bridgeWidth", { amount: -19 }))?.message).toMatch(
      /keep at least 2 mm.*is 20\.0 mm wide/,
    ));
});

describe("a band", () => {
  it("gets longer by its wings alone", () => {
    for (const before of [wired(), soft()]) {
      const after = done(before, call("wingLength", { amount: 6 }));
      expect(girth(after) - girth(before)).toBeCloseTo(12, 6);
      expect(faults(after).map(({ id }) => id)).toEqual(["girthsSum"]);
    }
    const left = done(wired(), call("wingLength", { amount: 6 }, "left"));
    expect(girth(left) - girth(wired())).toBeCloseTo(6, 6);
    expect(refused(wired(), call("wingLength", { amount: -120 }))?.code).toBe("wing-too-short");
  });

  it("gets deeper below the cups, at the back as well or to nothing there", () => {
    const before = wired();
    const whole = done(before, call("cradleDepth", { amount: 10, wing: "whole" }));
    expect(["cradle", "wing"].map((piece) => grown(before, whole, piece, "side"))).toEqual([
      expect.closeTo(10, 6),
      expect.closeTo(10, 6),
    ]);
    expect(grown(before, whole, "wing", "end")).toBeCloseTo(10, 6);
    expect(grown(before, whole, "bridge", "centre")).toBeCloseTo(10, 6);
    const toNothing = done(before, call("cradleDepth", { amount: 10, wing: "toNothing" }));
    expect(grown(before, toNothing, "wing", "end")).toBeCloseTo(0, 6);
    for (const after of [whole, toNothing, done(soft(), call("cradleDepth", { amount: -6, wing: "toNothing" }))])
      expect(faults(after)).toEqual([]);
  });

  it("gets a hook end of another height under a new curve", () => {
    const before = wired({ hook_rows: 2 });
    const after = done(before, call("hookEnd", { height: 57, blend: 90 }));
    expect(lengthIn(after, "wing", "end")).toBeCloseTo(57, 6);
    expect(grown(before, after, "wing", "side")).toBeCloseTo(0, 6);
    expect(faults(after)).toEqual([]);
    expect(faults(done(before, call("hookEnd", { height: 30, blend: 90 })))).toMatchObject([
      { id: "needsKept", message: expect.stringContaining("the hook tape, 38.0 mm, but it is 30.0 mm") },
    ]);
    expect(refused(soft(), call("hookEnd", { height: 57, blend: 90 }))?.code).toBe("no-hook-end");
  });
});

describe("a seam of a cup", () => {
  const area = (draft: Draft, piece: string) => areaWithin(outlineOf(pieceOf(draft, piece)));

  it("gives each of its pieces a half, fullest at the same place of both", () => {
    const before = wired({ seams: "cross" });
    const after = done(before, call("cupSeam", { piece: "upper", edge: "cross", amount: 8, at: 0.3 }));
    const [upper, lower] = ["upper", "lower"].map((piece) => area(after, piece) - area(before, piece));
    expect(upper).toBeGreaterThan(200);
    expect(Math.abs((upper ?? 0) / (lower ?? 1) - 1)).toBeLessThan(0.15);
    expect(faults(after)).toEqual([]);
  });

  it("moves its fullest place, both pieces by as much, its ends where they are", () => {
    const before = wired({ seams: "cross" });
    const after = done(before, call("shiftFullness", { piece: "upper", edge: "cross", by: 8 }));
    for (const piece of ["upper", "lower"]) {
      expect(edgeOf(pieceOf(after, piece), "cross").lines[0]?.from).toEqual(
        edgeOf(pieceOf(before, piece), "cross").lines[0]?.from,
      );
    }
    expect(grown(before, after, "lower", "wire")).toBeCloseTo(0, 3);
    expect(faults(after)).toEqual([]);
    expect(refused(before, call("shiftFullness", { piece: "upper", edge: "seam", by: 8 }))?.code).toBe("unknown-edge");
    expect(refused(before, call("cupSeam", { piece: "cup", edge: "cross", amount: 8, at: 0.3 }))?.code).toBe(
      "unknown-piece",
    );
  });
});

describe("a seam that is moved", () => {
  const move = (amount: number, piece = "cradle") =>
    call("moveSeam", { piece, edge: "side", amount, fullFrom: 40, fullTo: 40, blendBefore: 40, blendAfter: 30 });

  it("gives one piece what its neighbour loses, the seam of both still equal", () => {
    for (const before of [wired(), wired({}, { right: 0.95 })]) {
      const area = (draft: Draft, piece: string) => areaWithin(outlineOf(pieceOf(draft, piece)));
      const after = done(before, move(8));
      const gained = area(after, "cradle") - area(before, "cradle");
      expect(gained).toBeGreaterThan(200);
      expect(area(after, "wing") - area(before, "wing")).toBeCloseTo(-gained, 3);
      expect(faults(after)).toEqual([]);
      if (before.pieces.some(({ id }) => id === "wing.right"))
        expect(area(after, "wing.right")).toBeLessThan(area(before, "wing.right"));
    }
  });

  it("is refused where an edge meets none", () =>
    expect(refused(wired(), { ...move(8), params: { ...move(8).params, edge: "bottom" } })?.code).toBe("no-seam"));
});

it("by the name of a piece that is parted, a cup seam changes both of its sides, once each", () => {
  const before = wired({ seams: "cross" }, { right: 0.95 });
  const after = done(before, call("cupSeam", { piece: "upper", edge: "cross", amount: 8, at: 0.5 }));
  const area = (draft: Draft, piece: string) => areaWithin(outlineOf(pieceOf(draft, piece)));
  const [left, right] = ["upper", "upper.right"].map((piece) => area(after, piece) - area(before, piece));
  expect(right).toBeGreaterThan(200);
  expect((left ?? 0) / (right ?? 1)).toBeCloseTo(1 / 0.95, 1);
});

it("a lining of a cup takes the change of its seam with it", () => {
  const lined = done(
    wired({ seams: "cross" }),
    call("copy", { piece: "upper", as: "lining", name: "Upper lining", role: "lining" }),
  );
  const after = done(lined, call("cupSeam", { piece: "upper", edge: "cross", amount: 8, at: 0.5 }));
  expect(lengthIn(after, "lining", "cross")).toBeCloseTo(lengthIn(after, "upper", "cross"), 9);
  expect(lengthIn(after, "lining", "cross")).toBeGreaterThan(lengthIn(lined, "lining", "cross"));
});
