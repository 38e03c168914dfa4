import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyEdge, parabola, parabolaLength, quarterCircle, SCALES } from "../../testing/index.ts";
import { placeAt } from "./along.ts";
import { curved, type Edge, reversed, sizeOf, straight } from "./edge.ts";
import { LENGTH_TOLERANCE, lengthOfEdge, lengthOfEdges, parameterAt } from "./length.ts";
import { distance, point } from "./point.ts";

/** Length of a fine polyline along an edge: never longer than the edge, and shorter by next to nothing. */
const polyline = (edge: Edge, steps: number): number => {
  const places = Array.from({ length: steps + 1 }, (_, step) => placeAt(edge, step / steps));
  return places.slice(1).reduce((sum, place, at) => sum + distance(places[at] ?? place, place), 0);
};

describe.each(SCALES)("lengths at the size of %d mm", (size) => {
  it.each([0.1, 0.5, 1, 2, 5])("of a parabola until %d are those of its closed form", (until) => {
    const edge = parabola(size, until);
    expect(Math.abs(lengthOfEdge(edge) - parabolaLength(size, until))).toBeLessThan(LENGTH_TOLERANCE * sizeOf(edge));
  });

  it("of a quarter circle are a quarter of its round, as near as one cubic comes to it", () => {
    expect(lengthOfEdge(quarterCircle(size)) / ((Math.PI / 2) * size)).toBeCloseTo(1, 3);
  });

  it("of any edge are those of a fine polyline", () => {
    fc.assert(
      fc.property(anyEdge(size), (edge) => {
        const [length, fine] = [lengthOfEdge(edge), polyline(edge, 2000)];
        return length > fine - LENGTH_TOLERANCE * sizeOf(edge) && length < fine + 1e-5 * sizeOf(edge);
      }),
      { seed: 20261126, numRuns: 200 },
    );
  });

  it("are the same gone along the other way", () => {
    fc.assert(
      fc.property(anyEdge(size), (edge) => {
        const apart = Math.abs(lengthOfEdge(edge) - lengthOfEdge(reversed(edge)));
        return apart <= 2 * LENGTH_TOLERANCE * sizeOf(edge);
      }),
      { seed: 20261126 },
    );
  });

  it("lead to the place that has gone so far", () => {
    fc.assert(
      fc.property(anyEdge(size), fc.double({ min: 0, max: 1, noNaN: true }), (edge, part) => {
        const mm = part * lengthOfEdge(edge);
        return Math.abs(lengthOfEdge(edge, 0, parameterAt(edge, mm)) - mm) <= 4 * LENGTH_TOLERANCE * sizeOf(edge);
      }),
      { seed: 20261126 },
    );
  });
});

describe("a length", () => {
  it("of a straight edge is the way between its ends", () => {
    expect(lengthOfEdge(straight(point(0, 0), point(30, 40)))).toBe(50);
    expect(lengthOfEdge(straight(point(0, 0), point(30, 40)), 0.25, 0.75)).toBe(25);
  });

  it("of an edge that goes nowhere is nothing, and its place its start", () => {
    const nowhere = curved(point(3, 3), point(3, 3), point(3, 3), point(3, 3));
    expect([lengthOfEdge(nowhere), parameterAt(nowhere, 10)]).toEqual([0, 0]);
  });

  it("goes there and back where a curve has a cusp", () => {
    // Handles that cross: the curve turns on the spot in its middle.
    const cusp = curved(point(0, 0), point(100, 100), point(0, 100), point(100, 0));
    expect(Math.abs(lengthOfEdge(cusp) - polyline(cusp, 20000))).toBeLessThan(1e-3);
  });

  it("beyond an edge is its end, and before it its start", () => {
    const edge = quarterCircle(100);
    expect([parameterAt(edge, -1), parameterAt(edge, 0), parameterAt(edge, 1e6)]).toEqual([0, 0, 1]);
  });

  it("of several edges is that of all of them", () => {
    expect(lengthOfEdges([straight(point(0, 0), point(3, 4)), straight(point(3, 4), point(3, 10))])).toBe(11);
    expect(lengthOfEdges([])).toBe(0);
  });
});
