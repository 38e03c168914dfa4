import { describe, expect, it } from "vitest";
import { lacePullN, lacePullReadings, laceReading, settledN } from "./lacePull.ts";

const readings = (seed: number) => Array.from({ length: lacePullReadings() }, (_, at) => laceReading({ seed }, at));

describe("a lace on the stand-in gauge", () => {
  it("settles at its pull, each lace at its own", () => {
    for (const seed of [1, 7, 300]) {
      const held = settledN(readings(seed));
      expect(Math.abs((held ?? 0) / lacePullN({ seed }) - 1)).toBeLessThan(0.01);
    }
    expect(lacePullN({ seed: 1 })).not.toBe(lacePullN({ seed: 2 }));
  });

  it("says nothing before it is held a while", () => {
    expect(settledN(readings(1).slice(0, 5))).toBeNull();
    expect(readings(1)[0]?.n).toBeCloseTo(0, 9);
  });

  it("is the same for the same seed", () => expect(readings(4)).toEqual(readings(4)));
});
