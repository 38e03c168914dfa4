import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { samplePiece } from "../../testing/index.ts";
import { areaWithin, distance, type Edge, joinOf, straight } from "../geometry/index.ts";
import { boxOfEdges } from "./box.ts";
import { cutLine } from "./cutLine.ts";
import type { Piece } from "./piece.ts";

const RECTANGLE = [
  [0, 0],
  [100, 0],
  [100, 60],
  [0, 60],
] as const;
const allowing = (piece: Piece, each: readonly number[]): Piece => ({
  ...piece,
  edges: piece.edges.map((edge, at) => ({ ...edge, allowanceMm: each[at] ?? 0 })),
});
const closed = (lines: readonly Edge[]) =>
  lines.every((line, at) => joinOf(line, lines[(at + 1) % lines.length] ?? line).gapMm < 0.01);

describe("the line a piece is cut along", () => {
  it("by hand: each side of a rectangle by its own allowance, corners square", () => {
    const cut = cutLine(allowing(samplePiece(RECTANGLE), [10, 6, 20, 0]));
    expect(boxOfEdges(cut)).toEqual({ from: { x: 0, y: -10 }, to: { x: 106, y: 80 } });
    expect(areaWithin(cut)).toBeCloseTo(106 * 90, 6);
  });

  it("without allowances is the seam line", () => {
    expect(areaWithin(cutLine(allowing(samplePiece(RECTANGLE), [])))).toBeCloseTo(6000, 9);
  });

  it("is closed and outside of the seam line, whatever the allowances", () => {
    const allowance = fc.oneof(fc.constant(0), fc.double({ min: 1, max: 25, noNaN: true }));
    fc.assert(
      fc.property(fc.tuple(allowance, allowance, allowance, allowance), (each) => {
        const cut = cutLine(allowing(samplePiece(RECTANGLE), each));
        const [top = 0, right = 0, bottom = 0, left = 0] = each;
        return closed(cut) && Math.abs(areaWithin(cut) - (100 + left + right) * (60 + top + bottom)) < 1e-3;
      }),
      { seed: 20261126 },
    );
  });

  it("cuts a corner off that would reach too far", () => {
    const thin = samplePiece([
      [0, 0],
      [200, 10],
      [0, 20],
    ]);
    const cut = cutLine(thin);
    expect(closed(cut)).toBe(true);
    expect(boxOfEdges(cut).to.x).toBeLessThan(200 + 3 * 10);
  });

  it("is crossed where a corner turns inward", () => {
    const ell = samplePiece([
      [0, 0],
      [100, 0],
      [100, 40],
      [40, 40],
      [40, 100],
      [0, 100],
    ]);
    const cut = cutLine(ell);
    expect(closed(cut)).toBe(true);
    // 120 by 60 and 60 by 60 below it: the inner corner moves out along its diagonal.
    expect(areaWithin(cut)).toBeCloseTo(120 * 60 + 60 * 60, 3);
    expect(cut.some(({ from }) => distance(from, { x: 50, y: 50 }) < 0.01)).toBe(true);
  });

  it("of a piece that is a point is nothing", () => {
    const nothing = samplePiece([]);
    const at = { x: 0, y: 0 };
    expect(cutLine(nothing)).toEqual([]);
    const dot: Piece = {
      ...nothing,
      edges: samplePiece(RECTANGLE).edges.map((edge) => ({ ...edge, lines: [straight(at, at)] })),
    };
    expect(cutLine(dot)).toEqual([]);
  });
});
