import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyEdge, SCALES } from "../../testing/index.ts";
import { reversed, straight } from "./edge.ts";
import { lengthOfEdges } from "./length.ts";
import { distance, point } from "./point.ts";
import { partAlong } from "./run.ts";

const CORNER = [straight(point(0, 0), point(100, 0)), straight(point(100, 0), point(100, 50))];

describe("part of edges one after the other", () => {
  it.each([
    [0, 150, [point(0, 0), point(100, 50)], 2],
    [20, 120, [point(20, 0), point(100, 20)], 2],
    [30, 60, [point(30, 0), point(60, 0)], 1],
    [100, 150, [point(100, 0), point(100, 50)], 1],
    [110, 900, [point(100, 10), point(100, 50)], 1],
  ])("by hand: from %d to %d", (from, to, ends, count) => {
    const part = partAlong(CORNER, from, to);
    expect([part[0]?.from, part.at(-1)?.to]).toEqual(ends);
    expect(part).toHaveLength(count);
  });

  it.each([
    [60, 60],
    [160, 200],
  ])("from %d to %d is nothing", (from, to) => expect(partAlong(CORNER, from, to)).toEqual([]));

  it.each(SCALES)("is as long as asked for, at the size of %d mm", (size) => {
    fc.assert(
      fc.property(
        anyEdge(size),
        fc.double({ min: 0, max: 0.45, noNaN: true }),
        fc.double({ min: 0.55, max: 1, noNaN: true }),
        (edge, low, high) => {
          const run = [edge, reversed(edge)];
          const whole = lengthOfEdges(run);
          const part = partAlong(run, low * whole, high * whole);
          const follows = part
            .slice(1)
            .every((next, at) => distance(part[at]?.to ?? next.from, next.from) < 1e-6 * size);
          return follows && Math.abs(lengthOfEdges(part) - (high - low) * whole) <= 1e-4 * whole + 1e-9 * size;
        },
      ),
      { seed: 20261126, numRuns: 40 },
    );
  });
});
