import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { anyBreast, SAMPLE_BREAST } from "../../testing/index.ts";
import { areaWithin, lengthOfEdges, type Point, point } from "../geometry/index.ts";
import { arcLength, powerFor } from "./arc.ts";
import { type Breast, type BreastMeasures, breastOf, surfaceAt } from "./breast.ts";
import { flatCup } from "./cupPiece.ts";
import { CUP_SEAMS, cupPatches } from "./cupSeams.ts";
import { flattened } from "./flattened.ts";
import { evenly, netOf, threadsOf } from "./net.ts";
import type { Place3 } from "./place.ts";
import { halfEllipse, outlineFrom } from "./rootOutline.ts";

const breast = (measures: BreastMeasures): Breast => {
  const drawn = breastOf(measures);
  if (!drawn.ok) throw new Error(drawn.problem.message);
  return drawn.value;
};
const STILL = { crossMm: 0, uprightMm: 0 };

describe("an arc from root to apex", () => {
  it.each([0.01, 1, 60, 1000])("of power 2 is a quarter circle of radius %s", (radius) => {
    const arc = { acrossMm: radius, heightMm: radius, power: 2 };
    expect(arcLength(arc) / ((radius * Math.PI) / 2)).toBeCloseTo(1, 7);
  });

  it("of power 1 is the chord", () => expect(arcLength({ acrossMm: 40, heightMm: 30, power: 1 })).toBeCloseTo(50, 9));

  it("is found by its length, and there is none shorter than the chord or longer than up and over", () =>
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 120, noNaN: true }),
        fc.double({ min: 20, max: 120, noNaN: true }),
        fc.double({ min: 1.1, max: 9, noNaN: true }),
        (across, height, power) => {
          const length = arcLength({ acrossMm: across, heightMm: height, power });
          expect(powerFor(across, height, length)).toBeCloseTo(power, 2);
          expect(powerFor(across, height, Math.hypot(across, height) - 0.1)).toBeNull();
          expect(powerFor(across, height, across + height)).toBeNull();
        },
      ),
      { numRuns: 60 },
    ));
});

it("half an ellipse is as long as the closed forms have it: a circle, and nearly a line", () => {
  expect(halfEllipse(70, 70)).toBeCloseTo(70 * Math.PI, 6);
  expect(halfEllipse(70, 0.001)).toBeCloseTo(140, 3);
  // By the arithmetic and geometric means of Gauss: π (a² − Σ 2ⁿ c²) / (2 M).
  let [a, b, c, sum] = [70, 45, Math.sqrt(70 ** 2 - 45 ** 2), (70 ** 2 - 45 ** 2) / 2];
  for (let power = 1; c > 1e-9; power *= 2) {
    [a, b, c] = [(a + b) / 2, Math.sqrt(a * b), (a - b) / 2];
    sum += power * c * c;
  }
  expect(halfEllipse(70, 45)).toBeCloseTo((Math.PI * (70 ** 2 - sum)) / a, 4);
});

describe("a breast as a surface", () => {
  /** The arcs of half an ellipsoid, as a tape would find them. */
  const ellipsoid = (width: number, height: number, projection: number): BreastMeasures => {
    const arc = (acrossMm: number) => arcLength({ acrossMm, heightMm: projection, power: 2 });
    return {
      ...{ rootWidthMm: width, rootHeightMm: height, wireLineMm: null, projectionMm: projection },
      ...{ lowerCupMm: arc(height / 2), upperCupMm: arc(height / 2), crossCupMm: 2 * arc(width / 2) },
    };
  };

  it("by the arcs of half an ellipsoid holds its volume", () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 90, max: 190 }),
        fc.integer({ min: 80, max: 190 }),
        fc.integer({ min: 20, max: 110 }),
        (width, height, projection) => {
          const { volumeCm3, ellipsoidCm3, foot } = breast(ellipsoid(width, height, projection));
          expect(Math.abs(volumeCm3 / ellipsoidCm3 - 1)).toBeLessThan(0.06);
          expect(foot.y).toBeCloseTo(0, 3);
        },
      ),
      { numRuns: 30 },
    ));

  it("has the arcs that were measured, below, above and across", () =>
    fc.assert(
      fc.property(anyBreast, (measures) => {
        const drawn = breast(measures);
        const { foot, root } = drawn;
        const along = (to: Point) => {
          const line = Array.from({ length: 2001 }, (_, at) => {
            // Closer together toward the root, where it goes up steeply.
            const part = Math.sin((Math.PI / 2) * (at / 2000));
            return surfaceAt(drawn, point(foot.x + (to.x - foot.x) * part, foot.y + (to.y - foot.y) * part));
          });
          return line.slice(1).reduce((sum, place, at) => {
            const before = line[at] ?? place;
            return sum + Math.hypot(place.x - before.x, place.y - before.y, place.z - before.z);
          }, 0);
        };
        expect(along(point(0, root.lowerMm))).toBeCloseTo(measures.lowerCupMm, 0);
        expect(along(point(0, -root.upperMm))).toBeCloseTo(measures.upperCupMm, 0);
        const level = outlineFrom(root, foot, point(1, 0));
        expect(2 * along(point(level, foot.y))).toBeCloseTo(measures.crossCupMm, 0);
        expect(surfaceAt(drawn, foot).z).toBe(measures.projectionMm);
      }),
      { numRuns: 25 },
    ));

  it("brings the lower half of its root to the wire line", () => {
    const { root } = breast(SAMPLE_BREAST);
    expect(halfEllipse(root.halfWidthMm, root.lowerMm)).toBeCloseTo(SAMPLE_BREAST.wireLineMm ?? 0, 3);
    expect(root.lowerMm + root.upperMm).toBeCloseTo(SAMPLE_BREAST.rootHeightMm, 6);
  });

  it.each([
    ["an arc shorter than its chord", { crossCupMm: 150 }, "arcs-contradict", /cross_cup \(150 mm\)/],
    [
      "arcs below and above that do not meet",
      { lowerCupMm: 40 },
      "arcs-contradict",
      /lower_cup \(40 mm\) and upper_cup/,
    ],
    ["arcs longer than the way up and over", { crossCupMm: 330 }, "arcs-contradict", /cross_cup 330 mm is longer/],
    ["both upright arcs too short", { lowerCupMm: 70, upperCupMm: 72 }, "arcs-contradict", /lower_cup and upper_cup/],
    ["a wire line shorter than the root is wide", { wireLineMm: 120 }, "root-contradicts", /but got 120 mm/],
    ["a wire line the root has no height for", { wireLineMm: 330 }, "root-contradicts", /root_height and wire_line/],
  ])("names %s, and draws none", (_, own, code, message) => {
    const drawn = breastOf({ ...SAMPLE_BREAST, ...own });
    expect(drawn).toMatchObject({ ok: false, problem: { code, message: expect.stringMatching(message) } });
  });
});

describe("a net laid flat", () => {
  const COLUMNS = 20;
  /** A patch of a surface over x from −a to a and y from 0 to a half ellipse. */
  const patch = (height: (x: number, y: number) => number) => {
    const on = (x: number, y: number): Place3 => ({ x, y, z: height(x, y) });
    const [a, b] = [40, 30];
    const seam = evenly((part) => on(a * (2 * part - 1), 0), COLUMNS + 2);
    const far = evenly((part) => on(-a * Math.cos(Math.PI * part), b * Math.sin(Math.PI * part)), COLUMNS + 2);
    return netOf(seam, far, 9, (from, to, rows) =>
      evenly((part) => on(from.x + (to.x - from.x) * part, from.y + (to.y - from.y) * part), rows),
    );
  };
  const strainsOf = (net: ReturnType<typeof patch>) =>
    flattened(
      net,
      threadsOf(net),
      net.places.map(({ x, y }) => point(1.08 * x + 0.1 * y, 0.95 * y)),
    ).strains;

  it("from a plane, a cylinder and a cone has no strain", () => {
    const surfaces = [
      () => 7,
      (x: number) => Math.sqrt(60 ** 2 - x ** 2),
      (x: number, y: number) => -0.9 * Math.hypot(x, y + 25),
    ];
    for (const height of surfaces) {
      // What is left is only that threads are chords of what bends.
      const worst = Math.max(...strainsOf(patch(height)).map(Math.abs));
      expect(worst).toBeLessThan(4e-4);
    }
  });

  it("from a sphere keeps what a sphere must: area over chord, more with every bit of its bend", () => {
    const worst = [200, 100, 60].map((radius) => {
      const strains = strainsOf(patch((x, y) => Math.sqrt(radius ** 2 - x ** 2 - (y - 10) ** 2)));
      return Math.max(...strains.map(Math.abs));
    });
    expect(worst[0]).toBeLessThan(worst[1] ?? 0);
    expect(worst[1]).toBeLessThan(worst[2] ?? 0);
    // The strain of a small patch goes with the square of its size over the radius: four times where the radius is halved.
    expect((worst[1] ?? 0) / (worst[0] ?? 1)).toBeGreaterThan(3);
    expect((worst[1] ?? 0) / (worst[0] ?? 1)).toBeLessThan(5);
  });
});

describe("the pieces of a cup", () => {
  it(
    "have every seam and their root as long as on the surface within 0.2 mm, without crossing themselves",
    () =>
      fc.assert(
        fc.property(
          anyBreast,
          fc.constantFrom(...CUP_SEAMS),
          fc.integer({ min: -15, max: 15 }),
          fc.integer({ min: -15, max: 15 }),
          (measures, seams, crossMm, uprightMm) => {
            const drawn = breast(measures);
            const parts = cupPatches(drawn, seams, { crossMm, uprightMm }).map((one) => flatCup(drawn, one));
            for (const { edges } of parts) {
              for (const edge of edges) expect(Math.abs(lengthOfEdges(edge.lines) - edge.trueMm)).toBeLessThan(0.2);
              for (const [at, edge] of edges.entries()) {
                const before = edges.at(at - 1)?.lines.at(-1)?.to;
                expect(
                  before &&
                    Math.hypot(before.x - (edge.lines[0]?.from.x ?? 0), before.y - (edge.lines[0]?.from.y ?? 0)),
                ).toBeLessThan(1e-6);
              }
            }
            // Every seam is in two pieces, equally long; the root is all of the root.
            const lengths = new Map<string, number[]>();
            for (const edge of parts.flatMap(({ edges }) => edges))
              if (edge.kind === "seam")
                lengths.set(edge.id, [...(lengths.get(edge.id) ?? []), lengthOfEdges(edge.lines)]);
            for (const [first, second, ...more] of lengths.values()) {
              expect(more).toEqual([]);
              expect(Math.abs((first ?? 0) - (second ?? Number.NaN))).toBeLessThan(0.4);
            }
            const { halfWidthMm, lowerMm, upperMm } = drawn.root;
            const root = parts
              .flatMap(({ edges }) => edges)
              .reduce((sum, { kind, trueMm }) => sum + (kind === "seam" ? 0 : trueMm), 0);
            expect(root).toBeCloseTo(halfEllipse(halfWidthMm, lowerMm) + halfEllipse(halfWidthMm, upperMm), 0);
          },
        ),
        { numRuns: 20 },
      ),
    60_000,
  );

  it("keep about a tenth in a round lower cup of one piece, and half of it with an upright seam", () => {
    const drawn = breast(SAMPLE_BREAST);
    const lowest = (seams: "cross" | "crossVertical", piece: string) =>
      cupPatches(drawn, seams, STILL)
        .filter(({ id }) => id.startsWith(piece))
        .map((one) => flatCup(drawn, one).strain);
    const [one] = lowest("cross", "lower");
    const two = lowest("crossVertical", "lower");
    expect(-(one?.low ?? 0)).toBeGreaterThan(0.06);
    expect(-(one?.low ?? 0)).toBeLessThan(0.16);
    for (const { low } of two) expect(-low).toBeLessThan(-(one?.low ?? 0) * 0.6);
  });

  it("are smaller flat than on the surface nowhere by much, and the same in every run", () => {
    const drawn = breast(SAMPLE_BREAST);
    const areas = () =>
      cupPatches(drawn, "cross", STILL).map((one) => {
        const { edges } = flatCup(drawn, one);
        return Math.abs(areaWithin(edges.flatMap(({ lines }) => lines)));
      });
    expect(areas()).toEqual(areas());
  });
});
