import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyEdge, parabola, quarterCircle, samplePiece } from "../../testing/index.ts";
import { distance, placeAt, sizeOf, straight } from "../geometry/index.ts";
import { boxOfEdges } from "./box.ts";
import { FLAT_TOLERANCE, placesAlong } from "./flatten.ts";
import { edgeLength, edgeOf, levelWidth, outlineOf, timesRound } from "./piece.ts";

const SQUARE = samplePiece([
  [0, 0],
  [10, 0],
  [10, 30],
  [0, 30],
]);

describe("a piece", () => {
  it("has its edges in order, each known by name", () => {
    expect(outlineOf(SQUARE)).toHaveLength(4);
    expect(edgeLength(edgeOf(SQUARE, "b"))).toBe(30);
    expect(() => edgeOf(SQUARE, "z")).toThrow(/piece has no edge z/);
  });

  it("goes round the body once for each that is cut, twice on the fold", () => {
    expect(timesRound(SQUARE)).toBe(1);
    expect(timesRound({ ...SQUARE, onFold: true })).toBe(2);
    expect(timesRound({ ...SQUARE, count: 2, mirrored: true })).toBe(2);
  });

  it("is as wide at a level as it lies across", () =>
    expect(levelWidth({ level: "waist", from: { x: 0, y: 5 }, to: { x: 160, y: -6 } })).toBe(160));
});

describe("a box round edges", () => {
  it("holds what bulges past their ends", () => {
    const { from, to } = boxOfEdges([quarterCircle(100), straight({ x: 0, y: 0 }, { x: -5, y: 2 })]);
    expect([from.x, from.y]).toEqual([-5, expect.closeTo(0, 1)]);
    expect(Math.abs(to.x - 100) + Math.abs(to.y - 100)).toBeLessThan(0.5);
  });
});

describe("places along an edge", () => {
  it("are close enough that the lines between them stay by the curve", () => {
    fc.assert(
      fc.property(anyEdge(100), (edge) => {
        const places = [...placesAlong(edge), edge.to];
        const steps = places.length - 1;
        return Array.from({ length: steps }, (_, at) => {
          const [a, b] = [places[at] ?? edge.from, places[at + 1] ?? edge.to];
          const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
          return distance(middle, placeAt(edge, (at + 0.5) / steps));
        }).every((off) => off <= FLAT_TOLERANCE * sizeOf(edge) * 1.01 || steps === 256);
      }),
      { seed: 20261126 },
    );
  });

  it("of a straight edge are its start alone; a parabola has many", () => {
    expect(placesAlong(straight({ x: 1, y: 2 }, { x: 3, y: 4 }))).toEqual([{ x: 1, y: 2 }]);
    expect(placesAlong(parabola(100, 2)).length).toBeGreaterThan(8);
  });
});
