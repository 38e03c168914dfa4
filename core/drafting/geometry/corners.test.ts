import { describe, expect, it } from "vitest";
import { sampleDraft, samplePiece } from "../../testing/index.ts";
import { outlineOf } from "../piece/index.ts";
import { atCorners } from "./corners.ts";
import { curved, straight } from "./edge.ts";
import { lengthOfEdges } from "./length.ts";
import { point } from "./point.ts";

describe("an outline parted at its corners", () => {
  it("by hand: a rectangle is four edges, wherever it begins", () => {
    const square = outlineOf(
      samplePiece([
        [0, 0],
        [30, 0],
        [30, 20],
        [0, 20],
      ]),
    );
    expect(atCorners(square).map(lengthOfEdges)).toEqual([30, 20, 30, 20]);
    const [first, ...rest] = square;
    if (!first) throw new Error("A rectangle has sides.");
    const halves = [straight(point(15, 0), point(30, 0)), ...rest, straight(point(0, 0), point(15, 0))];
    expect(atCorners(halves).map(lengthOfEdges)).toEqual([20, 30, 20, 30]);
  });

  it("a circle of curves is one edge", () => {
    const quarter = (turn: number) => {
      const at = (x: number, y: number) =>
        point(x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn));
      return curved(at(1, 0), at(1, 0.5523), at(0.5523, 1), at(0, 1));
    };
    expect(atCorners([0, 1, 2, 3].map((part) => quarter((part * Math.PI) / 2)))).toHaveLength(1);
  });

  it("a skirt has the edges it was drawn with, and nothing has none", () => {
    const facts = { measures: {}, girths: { hip: 960 }, lengths: { skirt_side: 600, waist_to_hip: 200 }, options: {} };
    const front = sampleDraft("skirt", facts).pieces[0];
    expect(front && atCorners(outlineOf(front))).toHaveLength(front?.edges.length ?? 0);
    expect(atCorners([])).toEqual([]);
  });
});
