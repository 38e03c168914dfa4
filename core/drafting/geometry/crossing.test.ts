import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyEdge, parabola, quarterCircle, SCALES } from "../../testing/index.ts";
import { placeAt } from "./along.ts";
import { CROSSING_TOLERANCE, crossings } from "./crossing.ts";
import { curved, mirrored, sizeOf, straight } from "./edge.ts";
import { distance, point } from "./point.ts";

describe.each(SCALES)("where edges cross, at the size of %d mm", (size) => {
  const at = (x: number, y: number) => point(x * size, y * size);

  it("two lines: where they do, to the last digit", () => {
    const [found] = crossings(straight(at(0, 0), at(4, 4)), straight(at(0, 4), at(4, 0)));
    expect([found?.onFirst, found?.onSecond]).toEqual([expect.closeTo(0.5, 12), expect.closeTo(0.5, 12)]);
    expect((found?.at.x ?? 0) / size).toBeCloseTo(2, 9);
  });

  it("two lines that would cross further on, or never: nowhere", () => {
    expect(crossings(straight(at(0, 0), at(1, 1)), straight(at(0, 4), at(4, 0)))).toEqual([]);
    expect(crossings(straight(at(0, 0), at(4, 0)), straight(at(0, 1), at(4, 1)))).toEqual([]);
    expect(crossings(straight(at(0, 0), at(4, 0)), straight(at(1, 0), at(3, 0)))).toEqual([]);
  });

  it("two lines that meet at an end: there", () => {
    expect(crossings(straight(at(0, 0), at(1, 0)), straight(at(1, 0), at(1, 5)))).toHaveLength(1);
  });

  it("a parabola and a line across it: at the root of its height", () => {
    // y = x² meets y = 1/4 at x = 1/2.
    const found = crossings(parabola(size, 1), straight(at(-1, 0.25), at(2, 0.25)));
    expect(found).toHaveLength(1);
    expect(Math.abs((found[0]?.at.x ?? 0) / size - 0.5)).toBeLessThan(2 * CROSSING_TOLERANCE);
  });

  it("a quarter circle and the line through its middle: on the circle", () => {
    const found = crossings(quarterCircle(size), straight(at(0, 0), at(2, 2)));
    expect(found).toHaveLength(1);
    expect(distance(found[0]?.at ?? at(0, 0), at(0, 0)) / size).toBeCloseTo(1, 3);
  });

  it("a curve and its mirror image: on the line between them", () => {
    const leg = curved(at(-0.2, 0), at(0.6, 0.2), at(0.1, 0.9), at(-0.4, 1));
    const found = crossings(leg, mirrored(leg));
    expect(found.length).toBeGreaterThan(0);
    for (const { at: there } of found) expect(Math.abs(there.x / size)).toBeLessThan(4 * CROSSING_TOLERANCE);
  });

  it("whatever is found lies on both edges, and is found from either", () => {
    fc.assert(
      fc.property(anyEdge(size), anyEdge(size), (first, second) => {
        const close = 4 * CROSSING_TOLERANCE * Math.max(sizeOf(first), sizeOf(second));
        return crossings(first, second).every(
          ({ at: there, onFirst, onSecond }) =>
            distance(there, placeAt(first, onFirst)) <= close && distance(there, placeAt(second, onSecond)) <= close,
        );
      }),
      { seed: 20261126, numRuns: 60 },
    );
  });
});
