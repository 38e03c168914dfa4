import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, draftOf, sampleDraft, samplePiece } from "../../testing/index.ts";
import { checkDraft } from "../checks/index.ts";
import type { Draft } from "../draft.ts";
import { directionAt, distance, joinOf, placeAlong, point, straight } from "../geometry/index.ts";
import { pieceOf } from "../measured.ts";
import { edgeLength, edgeOf } from "../piece/index.ts";
import { operate } from "./operations.ts";

const brief = sampleDraft("brief", BRIEF_FACTS);
const skirt = sampleDraft("skirt", {
  measures: {},
  girths: { hip: 960 },
  lengths: { skirt_side: 600, waist_to_hip: 200 },
  options: {},
});
const done = (draft: Draft, operation: string, params: Readonly<Record<string, unknown>>) => {
  const answer = operate(draft, [{ operation, params }]);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value.draft;
};
const edge = (draft: Draft, piece: string, id: string) => edgeOf(pieceOf(draft, piece), id);
const place = (draft: Draft, piece: string, id: string, mm: number) => placeAlong(edge(draft, piece, id).lines, mm);
const broken = (draft: Draft) =>
  checkDraft(draft)
    .filter(({ ok }) => !ok)
    .map(({ id }) => id);

describe("a level that ends where two parts of the side meet", () => {
  it("ends on the side again once that is moved", () => {
    const square = samplePiece([
      [0, 0],
      [100, 0],
      [100, 80],
      [0, 80],
    ]);
    const side = { id: "side", role: "side", finish: "seam", allowanceMm: 0, seam: null } as const;
    const parts = [straight(point(100, 0), point(100, 40)), straight(point(100, 40), point(100, 80))];
    const piece = {
      ...square,
      edges: square.edges.map((one) => (one.id === "b" ? { ...side, lines: parts } : one)),
      levels: [{ level: "waist", from: point(0, 40), to: point(100, 40) }],
    };
    const draft = draftOf([piece], { round: ["piece"], levels: [{ level: "waist", plannedMm: 100 }] });
    const taken = done(draft, "girth", { level: "waist", amount: -6, blend: 20 });
    expect(pieceOf(taken, "piece").levels[0]?.to.x).toBeCloseTo(94, 3);
  });
});

describe("an edge scooped", () => {
  const whole = edgeLength(edge(brief, "front", "waist"));

  it("by hand: is lower by the depth at its place, and where it was at its ends", () => {
    const scooped = done(brief, "scoop", { piece: "front", edge: "waist", at: whole / 2, depth: 14 });
    const [before, after] = [
      place(brief, "front", "waist", whole / 2),
      place(scooped, "front", "waist", edgeLength(edge(scooped, "front", "waist")) / 2),
    ];
    expect((after?.y ?? 0) - (before?.y ?? 0)).toBeCloseTo(14, 0);
    for (const end of [0, 1] as const) {
      const corner = (draft: Draft) => edge(draft, "front", "waist").lines.at(-end)?.[end === 0 ? "from" : "to"];
      expect(distance(corner(scooped) ?? point(9, 9), corner(brief) ?? point(0, 0))).toBeLessThan(1e-6);
    }
    expect(broken(scooped)).toEqual([]);
  });

  it("deepest at the fold goes down along it and stays square to it", () => {
    const scooped = done(brief, "scoop", { piece: "front", edge: "waist", at: 0, depth: 14 });
    const [first] = edge(scooped, "front", "waist").lines;
    expect(first?.from.x).toBeCloseTo(0, 9);
    expect((first?.from.y ?? 0) - (edge(brief, "front", "waist").lines[0]?.from.y ?? 0)).toBeCloseTo(14, 6);
    expect(edgeLength(edge(brief, "front", "centre")) - edgeLength(edge(scooped, "front", "centre"))).toBeCloseTo(
      14,
      6,
    );
    expect(broken(scooped)).toEqual([]);
  });

  it("off its length is named", () =>
    expect(
      operate(brief, [{ operation: "scoop", params: { piece: "front", edge: "waist", at: 999, depth: 5 } }]),
    ).toMatchObject({ ok: false, problem: { code: "marks-outside" } }));
});

describe("an edge curved up at one end", () => {
  it("by hand: the back waist goes down by all of it at the centre, by nothing where the side's allowance begins", () => {
    const whole = edgeLength(edge(brief, "back", "waist"));
    const [start] = [edge(brief, "back", "waist").lines[0]?.from];
    const curved = done(brief, "curveUp", { piece: "back", edge: "waist", end: "start", amount: 12 });
    expect((edge(curved, "back", "waist").lines[0]?.from.y ?? 0) - (start?.y ?? 0)).toBeCloseTo(12, 6);
    const kept = 6;
    expect(place(curved, "back", "waist", edgeLength(edge(curved, "back", "waist")) - kept)).toEqual({
      x: expect.closeTo(place(brief, "back", "waist", whole - kept)?.x ?? 0, 3),
      y: expect.closeTo(place(brief, "back", "waist", whole - kept)?.y ?? 0, 3),
    });
    expect(broken(curved)).toEqual([]);
  });
});

describe("an edge between two sizes", () => {
  it("by hand: is out by one amount at its start and by the other at its end", () => {
    const blended = done(skirt, "blendSizes", { piece: "front", edge: "side", start: 4, end: 10 });
    const [before, after] = [edge(skirt, "front", "side"), edge(blended, "front", "side")];
    expect((after.lines[0]?.from.x ?? 0) - (before.lines[0]?.from.x ?? 0)).toBeCloseTo(4, 3);
    expect((after.lines.at(-1)?.to.x ?? 0) - (before.lines.at(-1)?.to.x ?? 0)).toBeCloseTo(10, 1);
    const half = place(blended, "front", "side", edgeLength(after) / 2);
    expect((half?.x ?? 0) - (place(skirt, "front", "side", edgeLength(before) / 2)?.x ?? 0)).toBeCloseTo(7, 1);
  });
});

describe("an edge trued", () => {
  it("has no corner left, and its ends where they were", () => {
    const bent = samplePiece([
      [0, 0],
      [100, 20],
      [200, 0],
      [200, 200],
      [0, 200],
    ]);
    const [a, b, ...rest] = bent.edges;
    if (!a || !b) throw new Error("A square has sides.");
    const draft = draftOf([{ ...bent, edges: [{ ...a, lines: [...a.lines, ...b.lines] }, ...rest] }]);
    const lines = edge(done(draft, "true", { piece: "piece", edge: "a", over: 30 }), "piece", "a").lines;
    for (const [at, line] of lines.slice(1).entries())
      expect(Math.abs(joinOf(lines[at] ?? line, line).cornerDeg ?? 90)).toBeLessThan(0.01);
    expect([lines[0]?.from, lines.at(-1)?.to]).toEqual([
      { x: 0, y: 0 },
      { x: 200, y: 0 },
    ]);
    const slope = (line: (typeof lines)[number] | undefined) => line && directionAt(line, 0)?.y;
    expect(slope(lines[0])).toBeCloseTo(slope(a.lines[0]) ?? 1, 9);
  });
});

describe("allowances", () => {
  it("are set by finish, on linked pieces too", () => {
    const set = done(brief, "allow", { piece: "gusset", edge: "side", finish: "raw", allowance: 0 });
    for (const piece of ["gusset", "gussetLining"])
      expect(edge(set, piece, "side")).toMatchObject({ finish: "raw", allowanceMm: 0 });
  });

  it("on a fold are refused", () =>
    expect(
      operate(brief, [{ operation: "allow", params: { piece: "front", edge: "centre", finish: "raw", allowance: 3 } }]),
    ).toMatchObject({ ok: false, problem: { code: "on-the-fold" } }));
});

describe("notches in pairs", () => {
  it("by hand: lie at the same place of both seams, or the same way from their ends", () => {
    const params = { piece: "front", edge: "side", at: 40 };
    const notch = (from: string, piece: string) =>
      pieceOf(done(brief, "notchPair", { ...params, from }), piece).notches.find(({ by }) => !by);
    expect(notch("start", "front")).toEqual({ edge: "side", mm: 40 });
    const [front, back] = ["front", "back"].map((piece) => edgeLength(edge(brief, piece, "side")));
    expect(notch("start", "back")?.mm).toBeCloseTo((40 * (back ?? 0)) / (front ?? 1), 9);
    expect(notch("end", "back")?.mm).toBeCloseTo((back ?? 0) - (40 * (back ?? 0)) / (front ?? 1), 9);
  });

  it("on an edge that is sewn to nothing are refused", () =>
    expect(
      operate(brief, [{ operation: "notchPair", params: { piece: "front", edge: "leg", at: 10, from: "start" } }]),
    ).toMatchObject({ ok: false, problem: { code: "no-seam" } }));
});

describe("a piece copied", () => {
  const copy = {
    operation: "copy",
    params: { piece: "front", as: "frontLining", name: "Front lining", role: "lining" },
  };
  const side = { fullFrom: 80, fullTo: 90, blendBefore: 30, blendAfter: 30 };

  it("takes every change of the first, and the first every change of it", () => {
    for (const piece of ["front", "frontLining"]) {
      const answer = operate(brief, [
        copy,
        { operation: "letOut", params: { piece, edge: "side", amount: -5, ...side } },
      ]);
      if (!answer.ok) throw new Error(answer.problem.message);
      const { draft } = answer.value;
      expect(edge(draft, "frontLining", "side").lines).toEqual(edge(draft, "front", "side").lines);
      expect(edge(draft, "front", "side").lines).not.toEqual(edge(brief, "front", "side").lines);
    }
  });

  it("under a name that is taken is refused", () =>
    expect(operate(brief, [{ ...copy, params: { ...copy.params, as: "back" } }])).toMatchObject({
      ok: false,
      problem: { code: "name-taken" },
    }));
});
