import { describe, expect, it } from "vitest";
import { asCut, checkDraft, edgeLength, edgeOf, girthsOf, pieceOf, pointOf } from "../drafting/index.ts";
import { CHANGE_TARGETS, type Change, FINDING_KINDS, TRACED_REMEDY } from "../fitting/index.ts";
import { BRIEF_FACTS, CORSET_FACTS, sampleChange, sampleDraft } from "../testing/index.ts";
import { nextPieces } from "./nextPieces.ts";
import { redraw } from "./redraw.ts";
import { DRAW_RULES } from "./rules/index.ts";

const brief = sampleDraft("brief", BRIEF_FACTS);
const PLAN = { rings: [], lengths: [] };
const change = (own: Partial<Change>): Change =>
  sampleChange({ side: "both", pieces: "front, back", parts: [], lengthId: "", remedy: "", ...own });
const drawn = (...changes: readonly Change[]) => redraw(brief, changes, PLAN);
const girth = (draft: typeof brief, level: string) =>
  girthsOf(draft).girths.find((one) => one.level === level)?.piecesMm ?? Number.NaN;
const centre = (draft: typeof brief, piece: string) => edgeLength(edgeOf(pieceOf(draft, piece), "centre"));
const part = (id: "front" | "back", amountMm: number, lengthId = "") => ({
  ...{ id, pieces: id, line: "", lengthId, amountMm, readMm: null, strain: null },
});

describe("every change a finding can lead to", () => {
  it.each(CHANGE_TARGETS)("on %s is drawn, or says where it goes instead", (on) => {
    const { steps } = drawn(change({ on, amountMm: -8, spot: "waist", zone: "waist" }));
    const [step] = steps;
    expect(step && (step.calls.length > 0 || step.instead.length > 20)).toBe(true);
    expect(DRAW_RULES[on]).toBeTypeOf("function");
  });

  it("has a target that has a rule, whatever its kind", () => {
    const facts: Parameters<(typeof FINDING_KINDS)[number]["answer"]>[0] = {
      ...({ spot: "waist", side: "both", amountMm: 20, detail: {}, takeMm: 10, share: 0.5 } as const),
      ...{
        alongStrain: () => 0.1,
        seams: { count: 2, name: "side seams" },
        hasBand: false,
        usable: 0.6,
        shareUsed: 0.3,
      },
      ...{ girth: null, lengths: [] },
    };
    const targets = FINDING_KINDS.flatMap((kind) => kind.answer(facts).remedies.map(({ on }) => on));
    expect(targets.length).toBeGreaterThan(12);
    for (const on of targets) expect(DRAW_RULES).toHaveProperty(on);
  });
});

describe("a boned garment", () => {
  const corset = sampleDraft("corset", CORSET_FACTS);
  const gapPart = (id: string, amountMm: number) => ({
    ...{ id, pieces: "panels", line: "", lengthId: "", amountMm, readMm: null, strain: null },
  });

  it("made parallel takes its gap in at the top and lets it out below, through every panel seam", () => {
    const parts = [gapPart("top", 32), gapPart("bottom", -16)];
    const told = change({ on: "edge", remedy: "panels", spot: "lacing", zone: "waist", amountMm: 32, parts });
    const { draft, steps } = redraw(corset, [told], PLAN);
    expect(steps[0]?.calls).toEqual([
      {
        operation: "panelSeams",
        params: {
          ...{ upper: "underbust", upperAmount: 2, at: "waist", amount: 0, lower: "lowerEdge", lowerAmount: -1 },
          gap: "takes",
        },
      },
    ]);
    expect(checkDraft(draft).filter(({ ok }) => !ok)).toEqual([]);
  });

  it("takes a girth through its panel seams, running out at the next levels", () => {
    const told = change({ on: "girth", spot: "waist", zone: "waist", amountMm: 16 });
    const { draft } = redraw(corset, [told], { rings: [{ zone: "waist", nowMm: 776 }], lengths: [] });
    expect(girth(draft, "waist")).toBeCloseTo(776, 6);
    expect(girth(draft, "highHip")).toBeCloseTo(girth(corset, "highHip"), 6);
    expect(checkDraft(draft).filter(({ ok }) => !ok)).toEqual([]);
  });
});

describe("a curve that was traced", () => {
  const traced = (of: string) => {
    const points = [0, 105, 210].map((along) => ({ along, off: along === 105 ? 30 : 0 }));
    return change({
      ...{ on: "edge", remedy: TRACED_REMEDY, spot: "leg", amountMm: null },
      traced: { of, piece: "front", edge: "leg", points, share: 0.5 },
    });
  };

  it("is laid over the edge of the pieces it was traced for", () =>
    expect(drawn(traced("briefPieces")).steps[0]?.calls.map(({ operation }) => operation)).toEqual(["trace"]));

  it("leaves other pieces alone that have an edge of the same name", () => {
    const { draft, steps } = drawn(traced("onePiecePieces"));
    expect(steps[0]?.instead).toContain("none of these pieces");
    expect(draft.pieces).toEqual(brief.pieces);
  });
});

describe("a girth", () => {
  it("is taken in at its level alone, by all of it", () => {
    const { draft } = drawn(change({ on: "girth", zone: "highHip", spot: "highHip", amountMm: -18 }));
    expect(girth(draft, "highHip")).toBeCloseTo(780 - 18, 2);
    expect(girth(draft, "waist")).toBeCloseTo(640, 2);
    expect(checkDraft(draft).filter(({ ok, id }) => !ok && id !== "girthsSum")).toEqual([]);
  });

  it("at the leg is taken at the lower end of both sides", () => {
    const { draft, steps } = drawn(change({ on: "girth", zone: "leg", spot: "leg", amountMm: -12 }));
    expect(steps[0]?.calls.map(({ params }) => params.piece).slice(0, 2)).toEqual(["front", "back"]);
    expect(steps[0]?.lands?.map(({ of, byMm, cameMm }) => [of, byMm, Math.round((cameMm ?? 0) * 10) / 10])).toEqual([
      ["leg", -6, -6],
      ["leg", -6, -6],
    ]);
    expect(girth(draft, "waist")).toBeCloseTo(640, 2);
  });

  it("of one side is taken at that side, all of it, and the other stays", () => {
    const { draft, steps } = drawn(
      change({ on: "girth", zone: "highHip", spot: "highHip", side: "right", amountMm: -10 }),
    );
    expect(new Set(steps[0]?.calls.map(({ onSide }) => onSide))).toEqual(new Set(["right"]));
    expect(girth(draft, "highHip")).toBeCloseTo(780 - 10, 2);
    expect(edgeLength(edgeOf(pieceOf(draft, "front"), "side"))).toBeCloseTo(
      edgeLength(edgeOf(pieceOf(brief, "front"), "side")),
      9,
    );
  });

  it("of one leg is held against the plan of that leg", () => {
    const { draft } = redraw(brief, [change({ on: "girth", zone: "leg", spot: "leg", side: "left", amountMm: -12 })], {
      rings: [
        { zone: "leg", side: "left", nowMm: 548 },
        { zone: "leg", side: "right", nowMm: 560 },
      ],
      lengths: [],
    });
    expect(draft.elastics.map(({ side, plannedMm }) => [side, plannedMm])).toEqual([
      ["left", 548],
      ["right", 560],
    ]);
  });

  it("where the pieces have none says so", () =>
    expect(drawn(change({ on: "girth", zone: "bust", amountMm: -10 })).steps[0]?.instead).toContain(
      "no bust is drawn",
    ));
});

describe("a length", () => {
  it("half front and half back moves the side along", () => {
    const both = change({
      ...{ on: "length", spot: "seat", lengthId: "frontRise", amountMm: 16 },
      parts: [part("front", 8, "frontRise"), part("back", 8, "backRise")],
    });
    const { draft } = drawn(both);
    expect(centre(draft, "front") + centre(draft, "back")).toBeCloseTo(
      centre(brief, "front") + centre(brief, "back") + 16,
      4,
    );
  });

  it("of one side runs along the side of front and back, and leaves the middle", () => {
    const parts = [part("front", 8, "frontRise"), part("back", 8, "backRise")];
    const both = { on: "length", spot: "seat", lengthId: "frontRise", amountMm: 16, side: "left" } as const;
    const { draft } = drawn(change({ ...both, parts }));
    expect(centre(draft, "front")).toBeCloseTo(centre(brief, "front"), 6);
    expect(centre(draft, "front")).toBeCloseTo(centre(draft, "front.right"), 6);
    expect(checkDraft(draft).filter(({ ok, id }) => !ok && id === "seamsMatch")).toEqual([]);
    expect(edgeLength(edgeOf(pieceOf(draft, "front"), "side"))).toBeGreaterThan(
      edgeLength(edgeOf(pieceOf(draft, "front.right"), "side")) + 1,
    );
  });

  it("of one side of one piece would end in the middle or in a seam, and that is said", () => {
    const one = change({
      on: "length",
      spot: "seat",
      pieces: "back",
      lengthId: "backRise",
      amountMm: -11,
      side: "left",
    });
    const { draft, steps } = drawn(one);
    expect(steps[0]?.instead).toContain("end at the middle");
    expect(draft.pieces).toEqual(brief.pieces);
  });

  it("of the back alone leaves the side as it was", () => {
    const pool = change({ on: "length", spot: "smallOfBack", pieces: "back", lengthId: "backRise", amountMm: -11 });
    const { draft } = drawn(pool);
    expect(centre(draft, "back")).toBeCloseTo(centre(brief, "back") - 11, 4);
    expect(edgeLength(edgeOf(pieceOf(draft, "back"), "side"))).toBeCloseTo(
      edgeLength(edgeOf(pieceOf(brief, "back"), "side")),
      1,
    );
    expect(girth(draft, "highHip")).toBeCloseTo(780, 4);
  });

  it("of a strap is cut as a strip", () =>
    expect(drawn(change({ on: "length", pieces: "strap", amountMm: 20 })).steps[0]?.instead).toContain(
      "cut the straps",
    ));
});

it("a line that sits low at the back is moved up there, to nothing at the side", () => {
  const moved = change({ on: "line", spot: "waist", pieces: "back", amountMm: -9, parts: [part("back", -9)] });
  const { draft } = drawn(moved);
  expect(centre(draft, "back")).toBeCloseTo(centre(brief, "back") + 9, 4);
  expect(centre(draft, "front")).toBeCloseTo(centre(brief, "front"), 9);
});

it("a side seam that swings gives to one half what it takes from the other", () => {
  const { draft, steps } = drawn(change({ on: "balance", zone: "waist", amountMm: 5, remedy: "balance-back" }));
  expect(steps[0]?.calls[0]?.params).toMatchObject({ amount: -5 });
  expect(girth(draft, "waist")).toBeCloseTo(640, 2);
});

it("a seat that lacks room is let out at the back leg", () => {
  const { draft } = drawn(change({ on: "edge", spot: "leg", zone: "leg", remedy: "more-seat", amountMm: -8 }));
  expect(edgeLength(edgeOf(pieceOf(draft, "back"), "leg"))).not.toBeCloseTo(
    edgeLength(edgeOf(pieceOf(brief, "back"), "leg")),
    1,
  );
});

describe("a gape on a front that has its apex marked", () => {
  const top = sampleDraft("camisole", {
    measures: { bust: 900, bust_front_arc: 480, apex_span: 180 },
    girths: { bust: 840, waist: 700, hip: 930 },
    lengths: { back_waist: 400, front_waist: 420, shoulder_to_apex: 255, waist_to_hip: 200 },
    options: {},
  });
  const gape = change({ id: 1, on: "edge", spot: "armhole", zone: "bust", remedy: "dart", amountMm: -14 });

  it("becomes a dart in the side seam, and every rule holds", () => {
    const { draft, steps } = redraw(top, [gape], PLAN);
    expect(steps[0]?.instead).toBe("");
    expect(asCut(pieceOf(draft, "front")).drawnDarts).toHaveLength(1);
    expect(checkDraft(draft).filter(({ ok }) => !ok)).toEqual([]);
  });

  it("has its point moved with the apex", () => {
    const moved = change({
      ...{ id: 2, on: "point", spot: "bustPoint", amountMm: 6 },
      parts: [
        { id: "up", pieces: "front", line: "", lengthId: "", amountMm: 6, readMm: 6, strain: null },
        { id: "centre", pieces: "front", line: "", lengthId: "", amountMm: 4, readMm: 4, strain: null },
      ],
    });
    const [before, after] = [[gape], [gape, moved]].map((changes) =>
      pieceOf(redraw(top, changes, PLAN).draft, "front"),
    );
    const [from, to] = [before, after].map((piece) => piece && pointOf(piece, "apex"));
    expect([(to?.x ?? 0) - (from?.x ?? 0), (to?.y ?? 0) - (from?.y ?? 0)]).toEqual([
      expect.closeTo(-4, 9),
      expect.closeTo(-6, 9),
    ]);
  });

  it("without an apex says which measures would place it", () =>
    expect(drawn(gape).steps[0]?.instead).toContain("Measure apex to apex"));
});

describe("several changes", () => {
  const length = change({
    id: 2,
    on: "length",
    spot: "smallOfBack",
    pieces: "back",
    lengthId: "backRise",
    amountMm: -6,
  });
  const waist = change({ id: 1, on: "girth", zone: "waist", spot: "waist", amountMm: -12 });

  it("are drawn in the order of the cutting table, each once", () => {
    const { steps, draft } = drawn(waist, length);
    expect(steps.map(({ changeId }) => changeId)).toEqual([2, 1]);
    expect(girth(draft, "waist")).toBeCloseTo(640 - 12, 0);
  });

  it("are held against the plan with all of them in: what was not drawn is named", () => {
    const plan = { rings: [{ zone: "waist", nowMm: 620 } as const], lengths: [] };
    const met = redraw(brief, [change({ ...waist, amountMm: -20 })], plan).draft;
    expect(checkDraft(met).find(({ id }) => id === "girthsSum")?.ok).toBe(true);
    const left = redraw(brief, [change({ ...waist, amountMm: null })], plan).draft;
    expect(checkDraft(left).find(({ id }) => id === "girthsSum")?.message).toMatch(/620.0 mm at waist.*640.0/);
  });

  it("are those cut now for pieces that were there, and all of them for pieces drawn anew", () => {
    const next = nextPieces({
      before: [{ id: "briefPieces", from: "plan", draft: brief, steps: [] }],
      drawn: [
        { id: "briefPieces", draft: brief },
        { id: "stripPieces", draft: brief },
      ],
      cut: [waist],
      all: [waist, length],
      plan: PLAN,
    });
    expect(next.map(({ id, from, steps }) => [id, from, steps.length])).toEqual([
      ["briefPieces", "before", 1],
      ["stripPieces", "plan", 2],
    ]);
  });
});
