import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { areaWithin, distance, type Point, point } from "../geometry/index.ts";
import { builtPiece, outlineOfBuilt } from "./built.ts";

const problem = (...given: Parameters<typeof builtPiece>) => {
  const built = builtPiece(...given);
  return built.ok ? null : built.problem;
};
const built = (...given: Parameters<typeof builtPiece>) => {
  const piece = builtPiece(...given);
  if (!piece.ok) throw new Error(piece.problem.message);
  return piece.value;
};

/** Corners round a circle, more or less: a piece that lies flat, lines across it all within it. */
const anyCorners = fc
  .array(
    fc.record({
      turn: fc.double({ min: 0.75, max: 1.25, noNaN: true }),
      far: fc.constant(1),
    }),
    {
      minLength: 4,
      maxLength: 9,
    },
  )
  .map((steps): Point[] => {
    const whole = steps.reduce((sum, { turn }) => sum + turn, 0);
    let gone = 0;
    return steps.map(({ turn }) => {
      gone += turn;
      const angle = (2 * Math.PI * gone) / whole;
      return point(180 * Math.cos(angle), 140 * Math.sin(angle));
    });
  });
const edgesOf = (corners: readonly Point[]) =>
  corners.map((from, at) => distance(from, corners[(at + 1) % corners.length] as Point));
const across = (corners: readonly Point[], from: number, to: number) => ({
  ...{ from, to },
  mm: distance(corners[from - 1] as Point, corners[to - 1] as Point),
});

describe("a piece built by triangles", () => {
  it("is the one that was measured, wherever it lay, from as many lines across as it needs", () => {
    fc.assert(
      fc.property(anyCorners, (corners) => {
        const fan = Array.from({ length: corners.length - 3 }, (_, at) => across(corners, 1, at + 3));
        const piece = built(edgesOf(corners), fan);
        expect(piece.misfitMm).toBeLessThan(1e-6);
        const area = corners.reduce((sum, { x, y }, at) => {
          const next = corners[(at + 1) % corners.length] as Point;
          return sum + (x * next.y - next.x * y) / 2;
        }, 0);
        expect(Math.abs(areaWithin(outlineOfBuilt(piece)) - area)).toBeLessThan(0.1);
      }),
      { numRuns: 400 },
    );
  });

  it("is drawn through the middle of lengths that do not agree, and says how far each is missed", () => {
    const corners = [point(0, 0), point(200, 0), point(200, 120), point(0, 120)];
    const [edges, one, two] = [edgesOf(corners), across(corners, 1, 3), across(corners, 2, 4)];
    expect(built(edges, [one, two]).misfitMm).toBeLessThan(1e-6);
    const off = built(edges, [one, { ...two, mm: two.mm + 8 }]);
    expect(off.misfitMm).toBeGreaterThan(1);
    expect(off.misfitMm).toBeLessThan(8);
    expect(off.lengths.map(({ name }) => name)).toEqual(["edge 1", "edge 2", "edge 3", "edge 4", "1–3", "2–4"]);
    for (const { measuredMm, drawnMm } of off.lengths) expect(Math.abs(drawnMm - measuredMm)).toBeLessThan(8);
  });

  it("of three edges needs no line across", () =>
    expect(built([300, 400, 500], []).corners.map(({ x, y }) => [x, y])).toEqual([
      [0, 0],
      [300, 0],
      [300, expect.closeTo(400, 9)],
    ]));
});

describe("lengths that make no piece", () => {
  it.each([
    [[100, 100], [], "corners-outside", /3 to 24 edges.* got 2/],
    [[100, 100, 100, 100], [], "diagonals-too-few", /corner 3 can still turn.*needs at least 1/],
    [[100, 100, 100, 100, 100], [{ from: 1, to: 3, mm: 160 }], "diagonals-too-few", /corner 4/],
    [[100, 100, 100, 100], [{ from: 1, to: 2, mm: 90 }], "diagonal-unknown", /got 1–2/],
    [[100, 100, 100, 100], [{ from: 1, to: 7, mm: 90 }], "diagonal-unknown", /corners 1 to 4.*got 1–7/],
    [[100, 100, 260], [], "triangle-contradicts", /edge 3 \(260 mm\).*corner 3.*no triangle/],
    [[100, 100, 100, 100], [{ from: 1, to: 3, mm: 230 }], "triangle-contradicts", /1–3 \(230 mm\)/],
  ] as const)("%j with %j are refused", (edges, diagonals, code, message) =>
    expect(problem(edges, diagonals)).toMatchObject({ code, message: expect.stringMatching(message) }),
  );
});
