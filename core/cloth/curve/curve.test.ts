import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type CurvePoint, cubicAt, monotoneCubic } from "./monotoneCubic.ts";
import { poolAdjacentViolators } from "./pool.ts";
import { strainAt, tensionAt, tensionCurve } from "./tensionCurve.ts";

describe("pooling", () => {
  it("replaces a falling run by its mean, and what that makes fall too", () => {
    expect(poolAdjacentViolators([1, 3, 2, 4]).values).toEqual([1, 2.5, 2.5, 4]);
    expect(poolAdjacentViolators([5, 4, 3, 10]).values).toEqual([4, 4, 4, 10]);
    expect(poolAdjacentViolators([1, 4, 3, 2]).values).toEqual([1, 3, 3, 3]);
  });

  it("tells the furthest move, and leaves rising readings alone", () => {
    expect(poolAdjacentViolators([1, 4, 3, 2]).largestMove).toBe(1);
    expect(poolAdjacentViolators([0, 1, 1, 2])).toEqual({ values: [0, 1, 1, 2], largestMove: 0 });
  });

  it("keeps the sum and never falls", () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 500, noNaN: true }), { maxLength: 30 }), (values) => {
        const pooled = poolAdjacentViolators(values).values;
        const sum = (list: readonly number[]) => list.reduce((total, value) => total + value, 0);
        const rising = pooled.every((value, index) => index === 0 || value >= (pooled[index - 1] as number) - 1e-9);
        return rising && Math.abs(sum(pooled) - sum(values)) <= 1e-9 * Math.max(1, sum(values));
      }),
      { seed: 20261124 },
    );
  });
});

describe("monotone cubic", () => {
  it("has the slopes of the published formulas", () => {
    // Widths 1 and 2, chords 2 and 0.5. Inner: weights 5 and 4, 9 / (5/2 + 4/0.5) = 6/7.
    // Left end: ((2·1 + 2)·2 − 1·0.5)/3 = 2.5. Right end: ((2·2 + 1)·0.5 − 2·2)/3 = −0.5, turned against its chord: 0.
    const { slopes } = monotoneCubic([
      [0, 0],
      [1, 2],
      [3, 3],
    ]);
    expect(slopes[0]).toBeCloseTo(2.5, 12);
    expect(slopes[1]).toBeCloseTo(6 / 7, 12);
    expect(slopes[2]).toBe(0);
  });

  it("holds an end slope to three chords where the next chord turns", () => {
    const { slopes } = monotoneCubic([
      [0, 0],
      [1, 1],
      [1.1, -5],
    ]);
    expect(slopes[0]).toBe(3);
  });

  it("is a straight line through two points, and level where points are level", () => {
    expect(
      cubicAt(
        monotoneCubic([
          [0, 0],
          [2, 4],
        ]),
        0.5,
      ),
    ).toBeCloseTo(1, 12);
    expect(
      cubicAt(
        monotoneCubic([
          [0, 0],
          [1, 5],
          [2, 5],
          [3, 9],
        ]),
        1.4,
      ),
    ).toBe(5);
  });

  it("refuses points that do not rise", () => {
    expect(() =>
      monotoneCubic([
        [0, 0],
        [0, 1],
      ]),
    ).toThrow(RangeError);
    expect(() => monotoneCubic([[0, 0]])).toThrow(RangeError);
  });
});

/** Rising readings at several sizes: from the lightest net to the strongest band. */
const ladders = fc
  .tuple(
    fc.array(fc.tuple(fc.double({ min: 0.02, max: 0.4, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true })), {
      minLength: 1,
      maxLength: 12,
    }),
    fc.constantFrom(0.01, 1, 100, 1e5),
  )
  .map(([steps, scale]) => {
    let [strain, tension] = [0, 0];
    return steps.map(([further, more]): CurvePoint => {
      strain += further;
      tension += more * scale;
      return [strain, tension];
    });
  });

describe("tension curve", () => {
  it("runs through its readings, never falls and never leaves them", () => {
    fc.assert(
      fc.property(ladders, (readings) => {
        const curve = tensionCurve(readings);
        const [lastStrain, largest] = readings.at(-1) as CurvePoint;
        const tolerance = 1e-9 * Math.max(largest, 1e-9);
        const through = readings.every(
          ([strain, tension]) => Math.abs(tensionAt(curve, strain).tensionNPerM - tension) <= tolerance,
        );
        const samples = Array.from(
          { length: 101 },
          (_, index) => tensionAt(curve, (index / 100) * lastStrain).tensionNPerM,
        );
        const rising = samples.every(
          (value, index) => index === 0 || value >= (samples[index - 1] as number) - tolerance,
        );
        return through && rising && samples.every((value) => value >= -tolerance && value <= largest + tolerance);
      }),
      { seed: 20261124 },
    );
  });

  it("inverts to the smallest strain that reaches a tension, to 1e-9", () => {
    fc.assert(
      fc.property(ladders, fc.double({ min: 0, max: 1.5, noNaN: true }), (readings, part) => {
        const curve = tensionCurve(readings);
        const wanted = part * (readings.at(-1) as CurvePoint)[1];
        const { strain } = strainAt(curve, wanted);
        if (strain === null) return true;
        const reached = tensionAt(curve, strain).tensionNPerM >= wanted * (1 - 1e-9) - 1e-12;
        const notBefore = strain <= 1e-9 || tensionAt(curve, strain - 1e-9).tensionNPerM <= wanted;
        return reached && notBefore;
      }),
      { seed: 20261124 },
    );
  });

  it("averages equal strains and sorts", () => {
    const curve = tensionCurve([
      [0.4, 30],
      [0.2, 10],
      [0.4, 34],
    ]);
    expect(curve.cubic.points).toEqual([
      [0, 0],
      [0.2, 10],
      [0.4, 32],
    ]);
  });

  it("goes straight on beyond the test and says so; hangs slack below nothing", () => {
    const curve = tensionCurve([
      [0.2, 10],
      [0.4, 20],
    ]);
    expect(tensionAt(curve, 0.6)).toEqual({ tensionNPerM: expect.closeTo(30, 9), beyondTest: true });
    expect(strainAt(curve, 30)).toEqual({ strain: expect.closeTo(0.6, 9), beyondTest: true });
    expect(tensionAt(curve, -0.1)).toEqual({ tensionNPerM: 0, beyondTest: false });
  });

  it("reaches no tension beyond a level end", () => {
    const curve = tensionCurve([
      [0.2, 10],
      [0.4, 10],
    ]);
    expect(strainAt(curve, 11)).toEqual({ strain: null, beyondTest: true });
  });
});
