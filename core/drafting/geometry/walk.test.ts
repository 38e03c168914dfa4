import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyEdge, quarterCircle } from "../../testing/index.ts";
import { mirrored, sizeOf, straight } from "./edge.ts";
import { lengthOfEdges } from "./length.ts";
import { pathData } from "./path.ts";
import { distance, point } from "./point.ts";
import { split } from "./split.ts";
import { placeAlong, walkAlong } from "./walk.ts";

const bent = [straight(point(0, 0), point(30, 0)), straight(point(30, 0), point(30, 70))];

describe("walking along edges", () => {
  it.each([
    [0, 0, 0],
    [20, 20, 0],
    [30, 30, 0],
    [45, 30, 15],
    [100, 30, 70],
    [120, 30, 70],
  ])("after %d mm one is at %d, %d", (mm, x, y) => {
    const place = placeAlong(bent, mm);
    expect([place?.x, place?.y]).toEqual([expect.closeTo(x, 6), expect.closeTo(y, 6)]);
  });

  it("of no edges is nowhere", () => expect(placeAlong([], 5)).toBeNull());
});

describe("two seams walked along one another", () => {
  it("of equal length meet at every station", () => {
    const walk = walkAlong(bent, bent.map(mirrored), 10);
    expect(walk).toMatchObject({ firstMm: 100, secondMm: 100, differenceMm: 0 });
    expect(walk.stations.map(({ mm }) => Math.round(mm))).toEqual([0, 10, 20, 30, 40, 50, 60, 70, 80, 90, 100]);
    for (const { onFirst, onSecond } of walk.stations) expect(onSecond.x).toBeCloseTo(-onFirst.x, 6);
  });

  it("tell what is to be eased in, and walk as far as the shorter goes", () => {
    const walk = walkAlong(bent, [straight(point(0, 0), point(0, 94))], 2);
    expect(walk.differenceMm).toBe(-6);
    expect(walk.stations.at(-1)?.onSecond).toEqual(point(0, 94));
  });

  it("cut anywhere are the same seam", () => {
    fc.assert(
      fc.property(anyEdge(80), fc.double({ min: 0.1, max: 0.9, noNaN: true }), (edge, at) => {
        const walk = walkAlong([edge], split(edge, at), 7);
        const close = 1e-4 * sizeOf(edge);
        return (
          Math.abs(walk.differenceMm) <= close &&
          walk.stations.every(({ onFirst, onSecond }) => distance(onFirst, onSecond) <= close)
        );
      }),
      { seed: 20261126, numRuns: 60 },
    );
  });
});

describe("edges as path data", () => {
  it("go on where they follow one another, and start anew where they do not", () => {
    expect(pathData(bent)).toBe("M 0 0 L 30 0 L 30 70");
    expect(pathData([...bent, straight(point(5, 5), point(6, 5))])).toBe("M 0 0 L 30 0 L 30 70 M 5 5 L 6 5");
    expect(pathData([])).toBe("");
  });

  it("keep curves as curves, to a ten-thousandth of a millimetre", () => {
    expect(pathData([quarterCircle(100)])).toBe("M 100 0 C 100 55.2285 55.2285 100 0 100");
    expect(pathData([straight(point(-0.00001, 1 / 3), point(2, 0))])).toBe("M 0 0.3333 L 2 0");
  });

  it("are as long as what they were written from", () => {
    expect(lengthOfEdges(bent)).toBe(100);
  });
});
