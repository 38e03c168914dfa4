import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyEdge, SCALES } from "../../testing/index.ts";
import { placeAt } from "./along.ts";
import { sizeOf } from "./edge.ts";
import { LENGTH_TOLERANCE, lengthOfEdge } from "./length.ts";
import { distance } from "./point.ts";
import { partOf, split, splitAtLength } from "./split.ts";

const part = fc.double({ min: 0.001, max: 0.999, noNaN: true });

describe.each(SCALES)("an edge of %d mm cut in two", (size) => {
  it("is the very line it was", () => {
    fc.assert(
      fc.property(anyEdge(size), part, part, (edge, at, along) => {
        const [first, second] = split(edge, at);
        const close = 1e-9 * size;
        return (
          distance(first.to, second.from) <= close &&
          distance(placeAt(first, along), placeAt(edge, at * along)) <= close &&
          distance(placeAt(second, along), placeAt(edge, at + (1 - at) * along)) <= close
        );
      }),
      { seed: 20261126 },
    );
  });

  it("is as long together as before", () => {
    fc.assert(
      fc.property(anyEdge(size), part, (edge, at) => {
        const [first, second] = split(edge, at);
        const apart = Math.abs(lengthOfEdge(first) + lengthOfEdge(second) - lengthOfEdge(edge));
        return apart <= 4 * LENGTH_TOLERANCE * sizeOf(edge);
      }),
      { seed: 20261126 },
    );
  });

  it("where it has gone a length has that length first", () => {
    fc.assert(
      fc.property(anyEdge(size), part, (edge, at) => {
        const mm = at * lengthOfEdge(edge);
        return Math.abs(lengthOfEdge(splitAtLength(edge, mm)[0]) - mm) <= 4 * LENGTH_TOLERANCE * sizeOf(edge);
      }),
      { seed: 20261126 },
    );
  });

  it("keeps the part between two places", () => {
    fc.assert(
      fc.property(anyEdge(size), part, part, part, (edge, a, b, along) => {
        const [from, to] = [Math.min(a, b), Math.max(a, b)];
        const place = placeAt(partOf(edge, from, to), along);
        return distance(place, placeAt(edge, from + (to - from) * along)) <= 1e-8 * size;
      }),
      { seed: 20261126 },
    );
  });
});

describe("the whole of an edge", () => {
  it("is the part from its start to its end", () => {
    fc.assert(
      fc.property(anyEdge(50), part, (edge, t) => distance(placeAt(partOf(edge, 0, 1), t), placeAt(edge, t)) < 1e-9),
      { seed: 20261126 },
    );
    const [edge] = fc.sample(anyEdge(50), { seed: 1, numRuns: 1 });
    expect(edge && lengthOfEdge(partOf(edge, 1, 1))).toBeCloseTo(0, 9);
  });
});
