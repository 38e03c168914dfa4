import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { BRIEF_FACTS, draftOf, sampleDraft, samplePiece } from "../../testing/index.ts";
import { checkDraft } from "../checks/index.ts";
import { areaWithin, joinOf, point } from "../geometry/index.ts";
import { girthsOf, pieceOf } from "../measured.ts";
import { edgeLength, edgeOf, outlineOf } from "../piece/index.ts";
import { OPERATIONS, type OperationCall, operate } from "./operations.ts";

const brief = sampleDraft("brief", BRIEF_FACTS);
const letOut = (own: Readonly<Record<string, unknown>> = {}): OperationCall => ({
  operation: "letOut",
  params: {
    piece: "front",
    edge: "side",
    amount: -6,
    fullFrom: 90,
    fullTo: 110,
    blendBefore: 60,
    blendAfter: 30,
    ...own,
  },
});
const done = (...calls: readonly OperationCall[]) => {
  const answer = operate(brief, calls);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value;
};
const girth = (draft: typeof brief, level: string) =>
  girthsOf(draft).girths.find((one) => one.level === level)?.piecesMm ?? Number.NaN;

describe("a side taken in", () => {
  it("by hand: the level in its full part is narrower by the amount square to the side, twice on the fold", () => {
    const { draft, reports } = done(letOut());
    const taken = girth(brief, "highHip") - girth(draft, "highHip");
    // The side leans there: across it is a little more than square to it.
    expect(taken).toBeGreaterThan(2 * 6);
    expect(taken).toBeLessThan(2 * 6 * 1.08);
    expect(reports[0]?.girths).toEqual([
      { level: "highHip", beforeMm: expect.closeTo(780, 6), afterMm: expect.closeTo(780 - taken, 9) },
    ]);
    expect(girth(draft, "waist")).toBeCloseTo(640, 6);
  });

  it("is told by the rule on girths: the plan asks for something else", () => {
    const broken = checkDraft(done(letOut()).draft).filter(({ ok }) => !ok);
    expect(broken.map(({ id }) => id)).toEqual(expect.arrayContaining(["girthsSum"]));
  });

  it("leaves the draft before it as it was: taken back it is the same", () => {
    const before = structuredClone(brief);
    done(letOut());
    expect(brief).toEqual(before);
    expect(done().draft).toBe(brief);
  });

  it("keeps the outline closed, wherever the marks are", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -8, max: 12 }),
        fc.integer({ min: 0, max: 150 }),
        fc.integer({ min: 0, max: 80 }),
        fc.integer({ min: 0, max: 80 }),
        (amount, fullFrom, blendBefore, blendAfter) => {
          const { draft } = done(letOut({ amount, fullFrom, fullTo: fullFrom, blendBefore, blendAfter }));
          const outline = outlineOf(pieceOf(draft, "front"));
          for (const [at, line] of outline.entries())
            expect(joinOf(line, outline[(at + 1) % outline.length] ?? line).gapMm).toBeLessThan(1e-3);
          const grown = areaWithin(outline) - areaWithin(outlineOf(pieceOf(brief, "front")));
          // At an end of the side the leg or the waist turns with it.
          const within = fullFrom > blendBefore && fullFrom + blendAfter < 150;
          if (amount !== 0 && blendBefore + blendAfter > 20 && within) expect(Math.sign(grown)).toBe(Math.sign(amount));
        },
      ),
      { seed: 20261126, numRuns: 60 },
    );
  });

  it("in several steps is the steps together, each reported", () => {
    const { draft, reports } = done(letOut({ amount: -3 }), letOut({ amount: -3 }));
    expect(reports).toHaveLength(2);
    expect(girth(draft, "highHip")).toBeCloseTo(girth(done(letOut()).draft, "highHip"), 0);
  });
});

describe("pieces linked to one another", () => {
  it("follow: a gusset let out lets its lining out", () => {
    const { draft } = done(
      letOut({ piece: "gusset", edge: "side", amount: 4, fullFrom: 60, fullTo: 70, blendBefore: 40, blendAfter: 40 }),
    );
    const side = (id: string) => edgeLength(edgeOf(pieceOf(draft, id), "side"));
    expect(side("gusset")).not.toBeCloseTo(edgeLength(edgeOf(pieceOf(brief, "gusset"), "side")), 2);
    expect(side("gussetLining")).toBe(side("gusset"));
    expect(checkDraft(draft).find(({ id }) => id === "linksAlike")?.ok).toBe(true);
  });
});

describe("an operation that cannot be done", () => {
  it.each([
    [
      "of no name",
      { operation: "iron", params: {} },
      "unknown-operation",
      /Operation 1: expected one of girth, lengthen, .*, but got “iron”/,
    ],
    [
      "on no piece",
      letOut({ piece: "sleeve" }),
      "unknown-piece",
      /front, back, gusset, gussetLining, but got “sleeve”/,
    ],
    ["on no edge", letOut({ edge: "cuff" }), "unknown-edge", /waist, side, leg, gusset, centre, but got “cuff”/],
    ["on the fold", letOut({ edge: "centre" }), "on-the-fold", /lies on one/],
    ["off the edge", letOut({ fullTo: 400 }), "marks-outside", /Operation 1, letOut: Expected both marks on the edge/],
  ] as const)("%s is named", (_said, call, code, message) => {
    expect(operate(brief, [call])).toMatchObject({
      ok: false,
      problem: { code, message: expect.stringMatching(message) },
    });
  });
});

it("an edge that meets the fold aslant cannot be moved off it", () => {
  const [corner, other, low] = [point(0, 0), point(80, 40), point(0, 120)];
  const piece = samplePiece([
    [0, 0],
    [80, 40],
    [0, 120],
  ]);
  const [top, , fold] = piece.edges;
  if (!top || !fold) throw new Error("A triangle has three sides.");
  expect([top.lines[0]?.from, top.lines[0]?.to, fold.lines[0]?.from]).toEqual([corner, other, low]);
  const folded = {
    ...piece,
    edges: piece.edges.map((edge) => (edge === fold ? { ...edge, finish: "fold" as const } : edge)),
  };
  expect(operate(draftOf([folded]), [letOut({ piece: "piece", edge: "a", fullFrom: 0, fullTo: 0 })])).toMatchObject({
    ok: false,
    problem: { code: "off-the-fold", message: expect.stringContaining("to stay on it") },
  });
});

it("every operation says what it does, once", () => {
  expect(new Set(OPERATIONS.map(({ id }) => id)).size).toBe(OPERATIONS.length);
  for (const { about } of OPERATIONS) expect(about).toMatch(/^[A-Z].*\.$/);
});
