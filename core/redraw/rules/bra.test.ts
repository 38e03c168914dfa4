import { describe, expect, it } from "vitest";
import { checkDraft, type Draft, edgeOf, offLine, pieceOf, placesAlong, point } from "../../drafting/index.ts";
import { CHANGE_TARGETS, type Change } from "../../fitting/index.ts";
import { BRIEF_FACTS, braFacts, sampleChange, sampleDraft } from "../../testing/index.ts";
import { hasLanded } from "../landing.ts";
import { redraw } from "../redraw.ts";

const wired = sampleDraft("wiredBra", braFacts({ seams: "cross" }));
const soft = sampleDraft("softBra", braFacts({ seams: "vertical" }));
const NO_PLAN = { rings: [], lengths: [] };
/** How far down the upright seam of a cup stands furthest off the line between its ends. */
const fullest = (draft: Draft) => {
  const { lines } = edgeOf(pieceOf(draft, "inner"), "upright");
  const [from = point(0, 0), to = point(0, 0)] = [lines[0]?.from, lines.at(-1)?.to];
  const places = lines.flatMap((line) => placesAlong(line, 1e-5));
  return places.toSorted((a, b) => offLine(from, to, b) - offLine(from, to, a))[0]?.y ?? Number.NaN;
};
const stepOf = (draft: Draft, own: Partial<Change>) => {
  const change = sampleChange({ side: "both", pieces: "cradle, bridge", parts: [], lengthId: "", remedy: "", ...own });
  const { steps, draft: after } = redraw(draft, [change], NO_PLAN);
  const broken = checkDraft(after).filter(({ ok, id }) => !ok && id !== "girthsSum");
  expect(broken).toEqual([]);
  return steps[0];
};
const callsOf = (draft: Draft, own: Partial<Change>) =>
  stepOf(draft, own)?.calls.map(({ operation, params, onSide }) => ({
    operation,
    ...params,
    ...(onSide && { onSide }),
  }));

describe("what is found on a bra", () => {
  it.each(CHANGE_TARGETS)("on %s is drawn on it, or says where it goes instead", (on) => {
    for (const draft of [wired, soft])
      for (const spot of ["underbust", "cupTop", "bustPoint"] as const) {
        const step = stepOf(draft, { on, spot, zone: "underbust", amountMm: 6 });
        expect(step && (step.calls.length > 0 || step.instead.length > 20)).toBe(true);
      }
  });

  it("raises the channel where the wire sits on tissue or pokes, and widens the bridge where it floats", () => {
    const wire = { on: "wire", spot: "wire", zone: "underbust", amountMm: 7 } as const;
    const raise = { operation: "wireRaise", end: "underarm", amount: 7, blend: 50 };
    expect(callsOf(wired, { ...wire, remedy: "wire-tissue" })).toEqual([raise]);
    expect(callsOf(wired, { ...wire, remedy: "wire-pokes", side: "right" })).toEqual([{ ...raise, onSide: "right" }]);
    expect(callsOf(wired, { ...wire, remedy: "wire-floats", amountMm: 4 })).toEqual([
      { operation: "bridgeWidth", amount: 4 },
    ]);
    expect(stepOf(wired, { ...wire, remedy: "wire-floats", side: "left" })?.instead).toContain("for both sides");
    expect(stepOf(wired, { ...wire, amountMm: null })?.instead).toContain("no amount");
    expect(stepOf(sampleDraft("brief", BRIEF_FACTS), wire)?.instead).toContain("no channel");
  });

  it("takes a girth at the wings, each its half, or all of one side's", () => {
    const girth = { on: "girth", spot: "underbust", zone: "underbust", amountMm: -12 } as const;
    expect(callsOf(wired, girth)).toEqual([{ operation: "wingLength", amount: -6 }]);
    expect(callsOf(wired, { ...girth, side: "left" })).toEqual([
      { operation: "wingLength", amount: -12, onSide: "left" },
    ]);
    expect(stepOf(wired, { ...girth, zone: "bust" })?.instead).toContain("change their volume");
  });

  it("lowers the band in front and behind, or to nothing behind", () => {
    const part = (id: string, amountMm: number) => ({
      ...{ id, pieces: id, line: "", lengthId: "", amountMm, readMm: null, strain: null },
    });
    const line = { on: "line", spot: "underbust", zone: "underbust", amountMm: 8 } as const;
    expect(callsOf(wired, { ...line, parts: [part("front", 8), part("back", 8)] })).toEqual([
      { operation: "cradleDepth", amount: 8, wing: "whole" },
    ]);
    expect(callsOf(soft, { ...line, parts: [part("front", -5)] })).toEqual([
      { operation: "cradleDepth", amount: -5, wing: "toNothing" },
    ]);
    expect(stepOf(wired, { ...line, parts: [part("back", 8)] })?.instead).toContain("redraw its hook end");
  });

  it("gives volume at a seam of its cups, all of one side's where left and right differ", () => {
    expect(callsOf(wired, { on: "cup", spot: "cupSide", zone: "bust", amountMm: 10 })).toEqual([
      { operation: "cupSeam", piece: "upper", edge: "cross", amount: 10, at: expect.any(Number) },
    ]);
    expect(
      callsOf(wired, { on: "edge", remedy: "one-side", spot: "cupSide", zone: "bust", side: "left", amountMm: 8 }),
    ).toEqual([
      { operation: "cupSeam", piece: "upper", edge: "cross", amount: 8, at: expect.any(Number), onSide: "left" },
    ]);
  });

  it("changes a cup of two sides that differ once, and each side alone where it is said", () => {
    const uneven = sampleDraft("wiredBra", braFacts({ seams: "cross" }, { right: 0.95 }));
    const cup = { on: "cup", spot: "cupSide", zone: "bust", amountMm: 10 } as const;
    const seam = { operation: "cupSeam", piece: "upper", edge: "cross", amount: 10, at: expect.any(Number) };
    expect(callsOf(uneven, cup)).toEqual([seam]);
    expect(callsOf(uneven, { ...cup, side: "right" })).toEqual([{ ...seam, onSide: "right" }]);
  });

  it("moves the fullest place along the seams through it: outward or in along one across, up or down along an upright one", () => {
    const part = (id: string, amountMm: number) => ({
      ...{ id, pieces: "cup", line: "", lengthId: "", amountMm, readMm: amountMm, strain: 0 },
    });
    const moved = { on: "point", remedy: "move-point", spot: "bustPoint", zone: "bust", amountMm: 6 } as const;
    const by = (id: string) => callsOf(wired, { ...moved, parts: [part(id, 6)] })?.[0] as { by?: number } | undefined;
    // The seam's own bend decides by how much it is moved for the fullest place to come out where it was decided.
    expect(Math.abs(by("side")?.by ?? 0)).toBeCloseTo(6, 0);
    expect(by("side")?.by ?? 0).toBeCloseTo(-(by("centre")?.by ?? 0), 0);
    expect(stepOf(wired, { ...moved, parts: [part("side", 6)] })?.lands?.map(hasLanded)).toEqual([true]);
    expect(stepOf(wired, { ...moved, parts: [part("up", 6)] })?.instead).toContain("another breast");
    expect(stepOf(soft, { ...moved, parts: [part("side", 6)] })?.instead).toContain("no seam runs across");
    const down = (id: string) => callsOf(soft, { ...moved, parts: [part(id, 6)] })?.[0];
    expect(down("down")).toMatchObject({ operation: "shiftFullness", piece: "inner", edge: "upright" });
    expect((down("down") as { by?: number }).by).toBeCloseTo(-((down("up") as { by?: number }).by ?? 0), 0);
    const lower = redraw(soft, [sampleChange({ ...moved, parts: [part("down", 6)], side: "both" })], NO_PLAN).draft;
    expect(fullest(lower) - fullest(soft)).toBeGreaterThan(3);
  });
});
