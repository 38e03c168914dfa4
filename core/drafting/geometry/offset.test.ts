import { describe, expect, it } from "vitest";
import { parabola, quarterCircle, SCALES } from "../../testing/index.ts";
import { placeAt } from "./along.ts";
import { curved, type Edge, sizeOf, straight } from "./edge.ts";
import { OFFSET_TOLERANCE, offsetOf } from "./offset.ts";
import { distance, type Point, point } from "./point.ts";

const STEPS = 400;
/** How near a place comes to an edge. */
const nearest = (edge: Edge, place: Point): number =>
  Math.min(...Array.from({ length: STEPS + 1 }, (_, step) => distance(place, placeAt(edge, step / STEPS))));
const places = (edges: readonly Edge[]): Point[] =>
  edges.flatMap((edge) => Array.from({ length: 21 }, (_, step) => placeAt(edge, step / 20)));

describe.each(SCALES)("the line beside an edge of %d mm", (size) => {
  it.each([0.1, -0.1, 0.02])("lies at its distance all along: %d of the size", (part) => {
    const leg = curved(point(0, 0), point(0.1 * size, 0.4 * size), point(0.5 * size, 0.9 * size), point(size, size));
    for (const edge of [quarterCircle(size), parabola(size, 1), leg]) {
      for (const place of places(offsetOf(edge, part * size))) {
        const off = Math.abs(nearest(edge, place) - Math.abs(part) * size);
        expect(off).toBeLessThan(2 * OFFSET_TOLERANCE * sizeOf(edge));
      }
    }
  });

  it("follows itself without a gap, and begins beside the start", () => {
    const edge = parabola(size, 2);
    const beside = offsetOf(edge, 0.1 * size);
    for (const [at, next] of beside.slice(1).entries())
      expect(distance(beside[at]?.to ?? next.from, next.from)).toBeLessThan(OFFSET_TOLERANCE * sizeOf(edge));
    // Clockwise from the way along, with y down: below a line to the right.
    expect(distance(beside[0]?.from ?? point(0, 0), point(0, 0.1 * size))).toBeLessThan(1e-6 * size);
  });

  it("of a straight edge is a straight edge as long", () => {
    const [beside] = offsetOf(straight(point(0, 0), point(size, 0)), 0.1 * size);
    expect(distance(beside?.from ?? point(9, 9), point(0, 0.1 * size))).toBeLessThan(1e-12 * size);
    expect(distance(beside?.to ?? point(9, 9), point(size, 0.1 * size))).toBeLessThan(1e-12 * size);
  });

  it("of a circle is one of another radius", () => {
    for (const place of places(offsetOf(quarterCircle(size), -0.2 * size)))
      expect(distance(place, point(0, 0)) / size).toBeCloseTo(1.2, 2);
  });
});

it("at no distance is the edge itself, and of an edge that goes nowhere none", () => {
  const edge = quarterCircle(50);
  expect(offsetOf(edge, 0)).toEqual([edge]);
  expect(offsetOf(straight(point(1, 1), point(1, 1)), 5)).toEqual([]);
});
