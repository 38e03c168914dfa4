import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { draftOf, samplePiece } from "../../testing/index.ts";
import { checkDraft } from "../checks/index.ts";
import { areaWithin, distance, joinOf, point } from "../geometry/index.ts";
import { pieceOf } from "../measured.ts";
import { asCut, cutLine, edgeLength, edgeOf, outlineOf, type Piece, pointOf } from "../piece/index.ts";
import { type StatedEdge, seamOff, statedSeams } from "../stated/index.ts";
import { type OperationCall, operate } from "./operations.ts";

/** A box of 200 by 120 mm, gone clockwise: a above, b right, c below, d left. */
const BOX = samplePiece([
  [0, 0],
  [200, 0],
  [200, 120],
  [0, 120],
]);
const stated = (edge: string, own: Partial<StatedEdge> = {}): StatedEdge => ({
  ...{ piece: "piece", edge, lengthMm: null, counts: "", times: 1, seam: "", easeMm: 0, ...own },
});
const own = (piece: Piece = BOX) => ({
  ...draftOf([piece]),
  stated: ["a", "b", "c", "d"].map((edge) => stated(edge, { seam: edge })),
});
const done = (draft: ReturnType<typeof own>, ...calls: readonly OperationCall[]) => {
  const answer = operate(draft, calls);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer.value.draft;
};
const refused = (draft: ReturnType<typeof own>, call: OperationCall) => {
  const answer = operate(draft, [call]);
  return answer.ok ? "" : answer.problem.code;
};
const closed = (piece: Piece) => {
  const outline = outlineOf(piece);
  for (const [at, line] of outline.entries())
    expect(joinOf(line, outline[(at + 1) % outline.length] ?? line).gapMm).toBeLessThan(1e-3);
  const cut = cutLine(piece);
  for (const [at, line] of cut.entries())
    expect(joinOf(line, cut[(at + 1) % cut.length] ?? line).gapMm).toBeLessThan(1e-3);
};

describe("what a piece laps by where it is laid to the body", () => {
  const lap = (params: Readonly<Record<string, unknown>> = {}): OperationCall => ({
    operation: "overlap",
    params: { piece: "piece", edge: "a", at: 80, width: 14, depth: 60, into: "a", stop: 12, ...params },
  });

  it("by hand: sewn in the same seam, that is lengthened by it first, and keeps its length sewn", () => {
    const piece = pieceOf(done(own(), lap()), "piece");
    const cut = asCut(piece);
    const [made] = cut.drawnDarts;
    // The box is 120 mm deep there: spread about the place across, the seam opens by 14 mm.
    expect(edgeLength(edgeOf(piece, "a"))).toBeCloseTo(200, 9);
    expect(edgeLength(edgeOf(cut, "a")) + edgeLength(edgeOf(cut, "a-2"))).toBeCloseTo(200, 6);
    expect(made?.widthMm).toBeCloseTo(14, 6);
    // Both legs are as long, and the point stops 12 mm before the end of the lap, 60 mm in.
    const [from, to] = made?.mouth ?? [point(0, 0), point(0, 0)];
    expect(made && distance(from, made.end)).toBeCloseTo(made ? distance(to, made.end) : 0, 9);
    expect(made && distance(point((from.x + to.x) / 2, (from.y + to.y) / 2), made.end)).toBeCloseTo(
      Math.sqrt(120 ** 2 - 7 ** 2) - 60 - 12,
      6,
    );
    // What turned has kept its length, and the other seam its own, but for the smoothing where it bends.
    expect(edgeLength(edgeOf(cut, "b"))).toBeCloseTo(120, 6);
    expect(edgeLength(edgeOf(cut, "c"))).toBeCloseTo(200, 0);
    expect(areaWithin(outlineOf(cut))).toBeGreaterThan(200 * 120);
    closed(cut);
  });

  it("is drawn from every edge of a piece, to either side of it, or refused with a sentence", () =>
    fc.assert(
      fc.property(
        fc.constantFrom("a", "b", "c", "d"),
        fc.double({ min: 5, max: 115, noNaN: true }),
        fc.double({ min: 2, max: 25, noNaN: true }),
        fc.double({ min: 20, max: 110, noNaN: true }),
        (edge, at, width, depth) => {
          const answer = operate(own(), [lap({ edge, into: edge, at, width, depth, stop: 10 })]);
          if (!answer.ok) return expect(answer.problem.message).toMatch(/^Operation 1, overlap: Expected .*\.$/);
          const cut = asCut(pieceOf(answer.value.draft, "piece"));
          expect(cut.drawnDarts[0]?.widthMm).toBeCloseTo(width, 6);
          closed(cut);
        },
      ),
      { numRuns: 60 },
    ));

  it("may be sewn in another seam, which then is the longer one as cut", () => {
    const piece = pieceOf(done(own(), lap({ into: "b", intoAt: 60 })), "piece");
    expect(piece.darts?.[0]).toMatchObject({ edge: "a", into: "b", point: "lap 1", widthMm: 14 });
    expect(pointOf(piece, "lap 1")).toEqual(point(80, 60));
    closed(asCut(piece));
  });

  it("is refused off the edge, off the piece, and with nothing to lap", () => {
    expect(refused(own(), lap({ at: 200 }))).toBe("marks-outside");
    expect(refused(own(), lap({ depth: 130 }))).toBe("off-the-piece");
    expect(refused(own(), lap({ width: 0 }))).toBe("no-overlap");
    expect(refused(own(), lap({ stop: 60 }))).toBe("no-dart");
    expect(refused(own(), lap({ into: "b" }))).toBe("no-place");
    expect(refused(own(), lap({ width: 130 }))).toBe("no-dart");
  });
});

describe("a piece split in two", () => {
  const split = (params: Readonly<Record<string, unknown>> = {}): OperationCall => ({
    operation: "split",
    params: { piece: "piece", edge: "a", at: 80, to: "c", toAt: 90, bow: 0, allowance: 8, ...params },
  });
  const halves = (draft: ReturnType<typeof own>, ...calls: readonly OperationCall[]) => {
    const { pieces } = done(draft, ...calls);
    const [first, second] = pieces;
    if (!first || !second) throw new Error("There are not two.");
    return { first, second, pieces };
  };

  it("straight has the area it had, and both edges of the new seam are one line", () => {
    const { first, second, pieces } = halves(own(), split());
    expect(pieces).toHaveLength(2);
    expect(areaWithin(outlineOf(first)) + areaWithin(outlineOf(second))).toBeCloseTo(200 * 120, 6);
    expect(edgeOf(first, "split")).toMatchObject({ allowanceMm: 8, seam: { piece: "piece 2", edge: "split" } });
    for (const piece of [first, second]) closed(piece);
  });

  it("bowed is fuller by the same on both, and its edges are as long as each other", () =>
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 190, noNaN: true }),
        fc.double({ min: 10, max: 190, noNaN: true }),
        fc.double({ min: -8, max: 20, noNaN: true }),
        (at, toAt, bow) => {
          const { first, second } = halves(own(), split({ at, toAt, bow }));
          expect(edgeLength(edgeOf(first, "split"))).toBeCloseTo(edgeLength(edgeOf(second, "split")), 6);
          const [straight, fuller] = [split({ at, toAt }), split({ at, toAt, bow })].map((call) => {
            const { pieces } = halves(own(), call);
            return pieces.map((piece) => areaWithin(outlineOf(piece)));
          });
          const grown = fuller?.map((area, half) => area - (straight?.[half] ?? 0)) ?? [];
          expect(grown[0]).toBeCloseTo(grown[1] ?? Number.NaN, 4);
          // A cubic whose handles stand off by h has half of h under it.
          expect(grown[0]).toBeCloseTo((bow * Math.hypot(120, at - (200 - toAt))) / 1.5, 4);
        },
      ),
      { numRuns: 60 },
    ));

  it("keeps its seams: a part of an edge on each half counts to the side it was", () => {
    const neighbour = stated("top", { piece: "Other", lengthMm: 200, seam: "a" });
    const draft = { ...own(), stated: [...own().stated, neighbour] };
    const after = done(draft, split());
    const seam = statedSeams(after).find(({ letters }) => letters === "a");
    expect(seam?.sides?.map(({ lengthMm }) => lengthMm)).toEqual([expect.closeTo(200, 6), 200]);
    expect(seam?.sides && seamOff(seam.sides)).toBeCloseTo(0, 6);
    expect(
      checkDraft(after)
        .filter(({ id, ok }) => id === "seamsMatch" && !ok)
        .map(({ message }) => message),
    ).toEqual(["b", "c", "d"].map((letter) => expect.stringContaining(`Seam ${letter}:`)));
  });

  it("on the fold leaves the half without it to be cut for both sides", () => {
    const folded = {
      ...BOX,
      onFold: true,
      edges: BOX.edges.map((edge) => (edge.id === "d" ? { ...edge, finish: "fold" as const } : edge)),
    };
    const { pieces } = halves(own(folded), split());
    expect(pieces.map(({ count, mirrored, onFold }) => [count, mirrored, onFold])).toEqual([
      [2, true, false],
      [1, false, true],
    ]);
  });

  it("can be split again, and its seam moved", () => {
    const { pieces } = halves(own(), split(), {
      ...{ operation: "moveSeam" },
      params: {
        ...{ piece: "piece 1", edge: "split", amount: 5, fullFrom: 50, fullTo: 60, blendBefore: 40, blendAfter: 40 },
      },
    });
    const total = pieces.reduce((sum, piece) => sum + areaWithin(outlineOf(piece)), 0);
    expect(total).toBeCloseTo(200 * 120, 0);
    expect(areaWithin(outlineOf(pieces[0] ?? BOX))).toBeGreaterThan(
      areaWithin(outlineOf(halves(own(), split()).first)) + 200,
    );
    expect(
      halves(own(), split(), split({ piece: "piece 2", edge: "a", at: 40, toAt: 40, to: "c" })).pieces,
    ).toHaveLength(3);
  });

  it("is refused along one edge, off an edge, out of the piece, and where it is none of an own pattern", () => {
    expect(refused(own(), split({ to: "a" }))).toBe("one-edge");
    expect(refused(own(), split({ toAt: 201 }))).toBe("marks-outside");
    expect(refused(own(), split({ edge: "a", at: 200, to: "b", toAt: 60 }))).toBe("split-outside");
    const { stated: _, ...drawn } = own();
    expect(operate(drawn, [split()])).toMatchObject({ problem: { code: "not-to-split" } });
  });
});
