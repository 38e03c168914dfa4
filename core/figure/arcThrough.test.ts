import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { arcThrough } from "./arcThrough.ts";

describe("an arc over a chord", () => {
  it("has the length it was asked for, at any size", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 5000, noNaN: true }),
        fc.double({ min: 1.0001, max: 20, noNaN: true }),
        (chord, ratio) => {
          const arc = arcThrough(chord, chord * ratio);
          if (!arc) throw new Error("no arc");
          const reached = 2 * arc.radius * Math.sin(arc.halfAngle);
          return Math.abs(reached - chord) < 1e-6 * chord * ratio;
        },
      ),
      { seed: 20261125 },
    );
    expect(arcThrough(100, 100)).toBeNull();
  });
});
