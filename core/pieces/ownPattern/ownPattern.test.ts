import { describe, expect, it } from "vitest";
import { edgeLength, girthsOf, point, straight } from "../../drafting/index.ts";
import { redraw } from "../../redraw/index.ts";
import { evaluate, sampleChange } from "../../testing/index.ts";
import { explainGirth, explainStated } from "../explainMeasured.ts";
import { NO_PIECES, type PieceFacts } from "../pieceFacts.ts";
import { reckonOwn } from "./reckonOwn.ts";
import { takeInBuilt, takeInPieces, takeInWrap } from "./takeIn.ts";
import { NO_PATTERN, type OwnEdge, type OwnPattern } from "./working.ts";

const edge = (own: Partial<OwnEdge>): OwnEdge => ({
  ...{ piece: "Front", edge: "waist", length: 160, finish: "seam", counts: "none" },
  ...{ twice: false, seam: "", ease: null, allowance: null, line: "" },
  ...own,
});
const facts: PieceFacts = {
  ...NO_PIECES,
  drawn: { measures: {}, girths: { waist: 640, trunkLoop: 1400 }, lengths: {} },
};
const WAIST = [
  edge({ counts: "waist", twice: true }),
  edge({ piece: "Back", length: 160, counts: "waist", twice: true }),
];
const told = (edges: readonly OwnEdge[], outlines: OwnPattern["outlines"] = []) =>
  reckonOwn({ ...NO_PATTERN, edges, outlines }, facts);
const draftOf = (pattern: OwnPattern) => {
  const { draft, warnings } = reckonOwn(pattern, facts);
  if (!draft) throw new Error(warnings.join(" "));
  return draft;
};

const sum = (draft: ReturnType<typeof draftOf>, level: string) =>
  girthsOf(draft).girths.find((one) => one.level === level)?.piecesMm;

describe("what is told of a pattern beside its pieces", () => {
  it("counts lines along the crotch to the rises of a bottom, each by itself and once for both sides", () => {
    const bottom = { ...facts, drawn: { ...facts.drawn, girths: { waist: 640, crotchFront: 268, crotchBack: 331 } } };
    const edges = [
      edge({ edge: "centre", length: 262, counts: "crotchFront", twice: true }),
      edge({ piece: "Back", edge: "centre", length: 331, counts: "crotchBack" }),
    ];
    const { draft, checks, notes } = reckonOwn({ ...NO_PATTERN, edges }, bottom);
    if (!draft) throw new Error("Nothing was told.");
    expect([sum(draft, "crotchFront"), sum(draft, "crotchBack"), sum(draft, "trunkLoop")]).toEqual([
      262,
      331,
      undefined,
    ]);
    expect(checks.find(({ id }) => id === "girthsSum")).toMatchObject({ ok: false });
    expect(notes).toEqual([]);
    // Of a garment with a trunk both are parts of its loop, as they were.
    expect(sum(draftOf({ ...NO_PATTERN, edges: edges.map((one) => ({ ...one, length: 700 })) }), "trunkLoop")).toBe(
      1400,
    );
  });

  it("takes a lap off a girth and adds what no piece of it is, in its sum and in its formula", () => {
    const draft = draftOf({ ...NO_PATTERN, edges: WAIST, lapMm: 20, outsideMm: 65 });
    expect(sum(draft, "waist")).toBe(640 - 20 + 65);
    const girth = girthsOf(draft).girths.find(({ level }) => level === "waist");
    if (!girth) throw new Error("The waist is told.");
    expect(evaluate(explainGirth(draft, girth))).toBe(685);
  });

  it("tells where a closure has to be longer than the edge it is set into", () => {
    const worn: PieceFacts = {
      ...NO_PIECES,
      drawn: { measures: { waist: 740, hip: 1008 }, girths: { waist: 640, hip: 900 }, lengths: { waist_to_hip: 200 } },
      usual: { usable: 0.3 },
    };
    const edges = [
      ...WAIST,
      edge({ edge: "hip", length: 450, counts: "hip" }),
      edge({ piece: "Back", edge: "hip", length: 450, counts: "hip" }),
      edge({ piece: "Back", edge: "centre back", length: 90 }),
    ];
    const told = (own: Partial<OwnPattern>) => reckonOwn({ ...NO_PATTERN, edges, topAbove: 0, ...own }, worn);
    const needed = told({}).numbers.find(({ id }) => id === "closure")?.explanation.result.value ?? 0;
    // 1008 / 1.3 = 775.4 is passed where the garment is as wide: between 640 and 900, 200 mm apart.
    expect(needed).toBeCloseTo((200 * (1008 / 1.3 - 640)) / 260, 6);
    expect(told({}).warnings).toEqual([]);
    expect(told({ closureIn: "Centre back" }).warnings).toEqual([
      expect.stringContaining(
        `needs ${needed.toFixed(0)} mm from the upper edge, and “centre back” of Back is 90 mm long`,
      ),
    ]);
    expect(told({ closureIn: "side" }).warnings).toEqual([expect.stringContaining("but got “side”")]);
    // What is outside of the pieces is passed with them.
    const wider = told({ outsideMm: 55 }).numbers.find(({ id }) => id === "closure")?.explanation.result.value;
    expect(wider).toBeCloseTo((200 * (1008 / 1.3 - 695)) / 260, 6);
  });
});

/** A box as a file tells it: its cut line. */
const box = (name: string, width: number, height: number, own = {}) => {
  const corners = [point(0, 0), point(width, 0), point(width, height), point(0, height)];
  const boundary = corners.map((from, at) => straight(from, corners[(at + 1) % 4] ?? from));
  return { name, count: null, boundary, sewLine: [], ...own };
};
const taken = (...given: Parameters<typeof takeInPieces>) => {
  const read = takeInPieces(...given);
  if (!read.ok) throw new Error(read.problem.message);
  return read.value;
};

describe("edges that are told", () => {
  it("come to girths and to the trunk, each loop along one line", () => {
    const loop = (["frontWaist", "crotchFront", "crotchBack", "backWaist"] as const).map((counts) =>
      edge({ edge: counts, counts, length: 350, twice: true }),
    );
    const { draft, checks } = told([...WAIST, ...loop]);
    expect(draft && girthsOf(draft).girths).toEqual([
      { level: "waist", plannedMm: 640, piecesMm: 640 },
      { level: "trunkLoop", plannedMm: 1400, piecesMm: 1400 },
    ]);
    expect(checks.map(({ id, ok }) => [id, ok])).toEqual([
      ["seamsMatch", true],
      ["girthsSum", true],
    ]);
  });

  it("of a girth that is not planned are held against nothing, and that is said", () =>
    expect(told([edge({ counts: "highHip" })]).notes).toEqual([
      "Not planned, so not held against anything: the high hip.",
    ]));

  it("lack what nobody told, and are named where they cannot be one pattern", () => {
    expect(told([]).lacks).toHaveLength(1);
    expect(told([edge({ length: null })]).warnings).toEqual(["Expected a length for waist of Front."]);
    expect(told([edge({}), edge({ length: 90 })]).warnings[0]).toContain("two are called waist of Front");
    expect(told([edge({ line: "p3.1", length: null })]).warnings[0]).toContain("it is gone");
  });

  it("have numbers that follow from their terms", () => {
    const draft = draftOf({ ...NO_PATTERN, edges: WAIST });
    for (const girth of girthsOf(draft).girths) {
      const explanation = explainGirth(draft, girth);
      expect(evaluate(explanation)).toBeCloseTo(explanation.result.value, 9);
    }
    for (const one of draft.stated ?? []) expect(explainStated(draft, one).result.value).toBe(160);
  });
});

describe("pieces from a file", () => {
  it("are parted at their corners, with a row an edge to be named", () => {
    const { edges, outlines } = taken(NO_PATTERN, [box("Front", 100, 60), box("Front", 40, 60)], 0);
    expect(edges.map(({ piece }) => piece)).toEqual([...Array(4).fill("Front"), ...Array(4).fill("Front 2")]);
    expect(edges.map(({ line }) => line)).toEqual(["p1.0", "p1.1", "p1.2", "p1.3", "p2.0", "p2.1", "p2.2", "p2.3"]);
    const [front] = draftOf({ ...NO_PATTERN, edges, outlines }).pieces;
    expect(front?.edges.map((one) => [one.id, edgeLength(one)])).toEqual([
      ["edge 1", 100],
      ["edge 2", 60],
      ["edge 3", 100],
      ["edge 4", 60],
    ]);
  });

  it("lose the allowance of their cut lines, unless the file has the seam lines too", () => {
    const cut = box("Back", 100, 60);
    const lengths = (pattern: OwnPattern) => draftOf(pattern).pieces[0]?.edges.map(edgeLength);
    expect(lengths(taken(NO_PATTERN, [cut], 10))).toEqual([80, 40, 80, 40].map((mm) => expect.closeTo(mm, 6)));
    const both = { ...cut, sewLine: box("", 90, 50).boundary };
    expect(lengths(taken(NO_PATTERN, [both], 10))).toEqual([90, 50, 90, 50]);
  });

  it("are refused where nothing of them is left, or there are too many", () => {
    expect(takeInPieces(NO_PATTERN, [box("Strap", 200, 12)], 10)).toMatchObject({
      problem: { code: "piece-too-narrow", message: expect.stringContaining("Strap") },
    });
    const zigzag = Array.from({ length: 2100 }, (_, at) => point(at / 10, at % 2 === 0 ? 0 : 0.02));
    const fine = [...zigzag, point(210, 80), point(0, 80)];
    const boundary = fine.map((from, at) => straight(from, fine[(at + 1) % fine.length] ?? from));
    expect(takeInPieces(NO_PATTERN, [{ ...box("Traced", 1, 1), boundary }], 0)).toMatchObject({
      problem: { code: "piece-too-fine", message: expect.stringContaining("one of Traced has more") },
    });
    const many = Array.from({ length: 30 }, () => box("Piece", 100, 60));
    expect(takeInPieces(NO_PATTERN, many, 0)).toMatchObject({ problem: { code: "pattern-too-large" } });
  });

  it("forget an outline of which no row speaks any more", () => {
    const first = taken(NO_PATTERN, [box("Front", 100, 60), box("Back", 90, 60)], 0);
    const kept = { ...first, edges: first.edges.filter(({ piece }) => piece === "Back") };
    const again = taken(kept, [box("Strap", 300, 20)], 0);
    expect(again.outlines.map(({ id }) => id)).toEqual(["p2", "p3"]);
    expect(draftOf(again).pieces.map(({ id }) => id)).toEqual(["Back", "Strap"]);
  });

  it("go round clockwise, whichever way they were drawn, each edge with its own name", () => {
    const turned = box("Front", 100, 60);
    const boundary = turned.boundary.map(({ from, to }) => straight(to, from)).toReversed();
    const { edges, outlines } = taken(NO_PATTERN, [{ ...turned, boundary }], 0);
    expect(
      draftOf({ ...NO_PATTERN, edges, outlines })
        .pieces[0]?.edges.map(edgeLength)
        .toSorted(),
    ).toEqual([100, 100, 60, 60]);
  });

  it("have one name each", () => {
    const { edges, outlines } = taken(NO_PATTERN, [box("Front", 100, 60), box("Back", 90, 60)], 0);
    const same = edges.map((one, at) => ({ ...one, piece: "Front", edge: `edge ${at}` }));
    expect(told(same, outlines).warnings[0]).toContain("two outlines are called Front");
    const split = edges.map((one, at) => (at === 0 ? { ...one, piece: "Side" } : one));
    expect(told(split, outlines).warnings[0]).toContain("Side and Front");
  });
});

describe("edges of a wrap", () => {
  const wrap = [
    { piece: "Side", lengthMm: 98, counts: "waist", twice: true, seam: "" },
    { piece: "Side", lengthMm: 396, counts: "none", twice: true, seam: "A" },
  ] as const;

  it("are taken as they were measured, beside what is there", () => {
    const read = takeInWrap({ ...NO_PATTERN, edges: [edge({ piece: "Side" })] }, wrap);
    expect(read.ok && read.value.edges.map((one) => [one.piece, one.edge, one.length, one.counts, one.seam])).toEqual([
      ["Side", "waist", 160, "none", ""],
      ["Side 2", "edge 1", 98, "waist", ""],
      ["Side 2", "edge 2", 396, "none", "A"],
    ]);
  });
});

describe("changes on a pattern from elsewhere", () => {
  const change = (own: Parameters<typeof sampleChange>[0]) =>
    sampleChange({ side: "both", pieces: "front, back", parts: [], lengthId: "", remedy: "", ...own });
  const redrawn = (pattern: OwnPattern, own: Parameters<typeof sampleChange>[0]) =>
    redraw(draftOf(pattern), [change(own)], { rings: [{ zone: "waist", nowMm: 620 }], lengths: [] });
  const waist = { on: "girth", zone: "waist", spot: "waist", amountMm: -20 } as const;

  it("state a girth anew, against the plan with the change in", () => {
    const { draft, steps } = redrawn({ ...NO_PATTERN, edges: WAIST }, waist);
    expect(steps[0]?.calls).toEqual([{ operation: "restate", params: { level: "waist", amount: -20 } }]);
    expect(girthsOf(draft).girths).toEqual([{ level: "waist", plannedMm: 620, piecesMm: 620 }]);
  });

  it("reach the trunk by each of their parts", () => {
    const loop = { ...NO_PATTERN, edges: [edge({ edge: "loop", counts: "frontWaist", length: 700 })] };
    const part = (id: string, lengthId: string, amountMm: number) => ({
      ...{ id, pieces: id, line: "", lengthId, amountMm, readMm: null, strain: null },
    });
    const parts = [part("front", "frontWaist", 12), part("back", "backWaist", 8), part("strap", "strap", 5)];
    const { steps } = redrawn(loop, { on: "length", lengthId: "trunk", spot: "strap", amountMm: 25, parts });
    expect(steps[0]?.calls[0]?.params).toEqual({ level: "trunkLoop", amount: 20 });
  });

  it("on lines that were read in, or of what is not stated, are told to the hand", () => {
    const read = taken(NO_PATTERN, [box("Front", 100, 60)], 0);
    const counted = {
      ...read,
      edges: read.edges.map((one, at) => (at === 0 ? { ...one, counts: "waist" as const } : one)),
    };
    expect(redrawn(counted, waist).steps[0]?.instead).toContain("read them in again");
    expect(redrawn({ ...NO_PATTERN, edges: [edge({})] }, waist).steps[0]?.instead).toContain("your own pattern");
    expect(redrawn({ ...NO_PATTERN, edges: WAIST }, { ...waist, side: "left" }).steps[0]?.instead).toContain("left");
    expect(redrawn({ ...NO_PATTERN, edges: WAIST }, { ...waist, amountMm: null }).steps[0]?.instead).toContain(
      "no amount",
    );
  });
});

describe("a piece built from its lengths", () => {
  const built = (across: readonly { from: number; to: number; mm: number }[]) =>
    takeInBuilt(NO_PATTERN, "Side panel", { edges: [210, 95, 180, 90], diagonals: across });

  it("is drawn as it was measured, a row an edge, and takes part like one that was read in", () => {
    const read = built([{ from: 1, to: 3, mm: 226 }]);
    if (!read.ok) throw new Error(read.problem.message);
    expect(read.value.edges.map(({ piece, edge: name, length }) => [piece, name, length])).toEqual(
      [1, 2, 3, 4].map((number) => ["Side panel", `edge ${number}`, null]),
    );
    const [piece] = draftOf(read.value).pieces;
    expect(piece?.edges.map((one) => edgeLength(one)).map((mm) => Number(mm.toFixed(6)))).toEqual([210, 95, 180, 90]);
    expect(reckonOwn(read.value, facts).notes.join()).toContain("built from 4 edges and a line across; they agree");
  });

  it("says which length is missed where they do not agree", () => {
    const read = built([
      { from: 1, to: 3, mm: 226 },
      { from: 2, to: 4, mm: 238 },
    ]);
    if (!read.ok) throw new Error(read.problem.message);
    expect(reckonOwn(read.value, facts).notes.join()).toMatch(/do not agree: (edge \d|\d–\d) was measured \d+\.\d mm/);
  });

  it("that is none is refused with what is missing", () => {
    const loose = built([]);
    expect(loose.ok ? null : loose.problem.message).toMatch(/corner 3 can still turn/);
  });
});
