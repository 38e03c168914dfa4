import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parabola, quarterCircle } from "../../testing/index.ts";
import {
  areaWithin,
  distance,
  type Edge,
  joinOf,
  lengthOfEdge,
  lengthOfEdges,
  placeAlong,
  placeAt,
  point,
  reversed,
  straight,
} from "../geometry/index.ts";
import { type Blend, blendArea } from "./blend.ts";
import { letOut, letOutAlong } from "./letOut.ts";

const SIDE = straight(point(0, 0), point(0, 400));
const done = (edge: Edge, blend: Blend): Edge[] => {
  const changed = letOut(edge, blend);
  if (!changed.ok) throw new Error(changed.problem.message);
  return changed.value;
};
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
/** A blend on the side that leaves its ends alone. */
const within = fc
  .record({ amountMm: mm(-25, 25), beforeMm: mm(10, 100), full: mm(0, 150), afterMm: mm(10, 100) })
  .map(({ full, ...blend }): Blend => ({ ...blend, fullFromMm: 110, fullToMm: 110 + full }));

describe("an edge let out between two marks", () => {
  it("moves outward by all of it there, and not at all beyond", () => {
    const changed = done(SIDE, { amountMm: 12, fullFromMm: 150, fullToMm: 250, beforeMm: 80, afterMm: 80 });
    // Down the side, what lies to the left is outward: x grows.
    expect(Math.max(...changed.flatMap(({ from, to }) => [from.x, to.x]))).toBeCloseTo(12, 6);
    expect([changed[0]?.from, changed.at(-1)?.to]).toEqual([point(0, 0), point(0, 400)]);
    expect(placeAlong(changed, 30)?.x).toBeCloseTo(0, 9);
  });

  it("keeps its ends, follows itself without a gap and without a corner", () => {
    fc.assert(
      fc.property(within, (blend) => {
        const changed = done(SIDE, blend);
        const ends =
          distance(changed[0]?.from ?? point(9, 9), SIDE.from) + distance(changed.at(-1)?.to ?? point(9, 9), SIDE.to);
        return (
          ends < 1e-6 &&
          changed.slice(1).every((next, at) => {
            const { gapMm, cornerDeg } = joinOf(changed[at] ?? next, next);
            return gapMm < 1e-4 && (cornerDeg ?? 0) < 0.2;
          })
        );
      }),
      { seed: 20261126 },
    );
  });

  it("gains as much cloth as the blend says", () => {
    fc.assert(
      fc.property(within, (blend) => {
        const between = areaWithin([...done(SIDE, blend), reversed(SIDE)]);
        return Math.abs(Math.abs(between) - Math.abs(blendArea(blend))) < 1e-3 * 400;
      }),
      { seed: 20261126 },
    );
  });

  it("taken back by as much is what it was", () => {
    const blend = { amountMm: 9, fullFromMm: 120, fullToMm: 200, beforeMm: 60, afterMm: 60 };
    const there = done(SIDE, blend);
    const [whole] = [lengthOfEdges(there)];
    expect(whole).toBeGreaterThan(400);
    expect(done(SIDE, { ...blend, amountMm: 0 })).toEqual([SIDE]);
  });
});

describe("a curved edge", () => {
  it("let out all along is a circle of another radius", () => {
    const arc = quarterCircle(100);
    const whole = { fullFromMm: 0, fullToMm: lengthOfEdge(arc), beforeMm: 0, afterMm: 0 };
    for (const by of [10, -10]) {
      // Gone round clockwise, to the left is away from the middle.
      for (const edge of done(arc, { ...whole, amountMm: by }))
        for (const t of [0, 0.3, 0.7, 1]) expect(distance(placeAt(edge, t), point(0, 0))).toBeCloseTo(100 + by, 0);
    }
  });

  it("taken in by more than it bends is named, not drawn", () => {
    const tight = parabola(20, 2);
    const whole = { fullFromMm: 0, fullToMm: lengthOfEdge(tight), beforeMm: 0, afterMm: 0 };
    expect(letOut(tight, { ...whole, amountMm: -40 })).toMatchObject({ ok: false, problem: { code: "turns-over" } });
  });
});

describe("marks", () => {
  const blend = { amountMm: 5, fullFromMm: 100, fullToMm: 200, beforeMm: 20, afterMm: 20 };
  it.each([
    ["off the edge", { fullToMm: 401 }, "marks-outside"],
    ["before its start", { fullFromMm: -1 }, "marks-outside"],
    ["the wrong way round", { fullFromMm: 210 }, "blend-negative"],
    ["with a blend of less than nothing", { afterMm: -1 }, "blend-negative"],
  ])("%s are refused with what was expected", (_told, own, code) => {
    expect(letOut(SIDE, { ...blend, ...own })).toMatchObject({ ok: false, problem: { code } });
  });

  it("near an end leave the blend cut off there", () => {
    const changed = done(SIDE, { ...blend, fullFromMm: 0, fullToMm: 0, beforeMm: 50, afterMm: 50 });
    expect(changed[0]?.from.x).toBeCloseTo(5, 4);
    expect(changed.at(-1)?.to).toEqual(point(0, 400));
  });
});

describe("several edges one after the other", () => {
  it("are let out as if they were one", () => {
    const parts = [straight(point(0, 0), point(0, 130)), straight(point(0, 130), point(0, 400))];
    const blend = { amountMm: 9, fullFromMm: 110, fullToMm: 160, beforeMm: 60, afterMm: 70 };
    const [whole, apart] = [letOut(SIDE, blend), letOutAlong(parts, blend)];
    if (!whole.ok || !apart.ok) throw new Error("There is room.");
    for (let mm = 5; mm < 400; mm += 15)
      expect(
        distance(placeAlong(apart.value, mm) ?? point(99, 99), placeAlong(whole.value, mm) ?? point(0, 0)),
      ).toBeLessThan(0.05);
    for (const [at, next] of apart.value.slice(1).entries())
      expect(joinOf(apart.value[at] ?? next, next)).toMatchObject({ gapMm: expect.closeTo(0, 4) });
  });
});
