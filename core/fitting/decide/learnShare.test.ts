import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { learnShare } from "./learnShare.ts";

const outcome = (amountMm: number, doneMm: number, residualMm: number) => ({ amountMm, doneMm, residualMm });

describe("what outcomes teach", () => {
  it("is one over the median effect: changes that do more than foreseen ask for less", () => {
    // Each mm taken took away 1.25, 2 and 0.5 of the pinch.
    const outcomes = [outcome(20, 8, 10), outcome(20, 10, 0), outcome(20, 20, 10)];
    expect(learnShare(outcomes)).toEqual({ share: 1 / 1.25, n: 3 });
  });

  it("is nothing under three outcomes, and nothing where changes did nothing or harm", () => {
    expect(learnShare([outcome(20, 10, 10), outcome(20, 10, 10)])).toEqual({ share: null, n: 2 });
    expect(learnShare([outcome(20, 10, 20), outcome(20, 10, 20), outcome(20, 10, 5)])).toEqual({ share: null, n: 3 });
    expect(learnShare([outcome(20, 10, 25), outcome(20, 10, 30), outcome(20, 10, 5)]).share).toBeNull();
  });

  it("does not count a change that took nothing", () =>
    expect(learnShare([outcome(20, 0, 20), outcome(20, 10, 10), outcome(20, 10, 10)])).toEqual({ share: null, n: 2 }));

  it("stays within 0.4 and 1.1 whatever they say", () => {
    const mm = fc.double({ min: 0.1, max: 200, noNaN: true });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(mm, mm, fc.double({ min: -200, max: 200, noNaN: true })), { minLength: 3 }),
        (rows) => {
          const { share } = learnShare(rows.map(([amount, done, left]) => outcome(amount, done, left)));
          return share === null || (share >= 0.4 && share <= 1.1);
        },
      ),
      { seed: 20261125 },
    );
  });
});
