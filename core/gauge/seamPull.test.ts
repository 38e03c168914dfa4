import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { firstBreak, seamPullReadings, seamReading } from "./seamPull.ts";

const seams = fc.record({
  gaugeMm: fc.integer({ min: 20, max: 200 }),
  breaks: fc.integer({ min: 8, max: 200 }).map((hundredths) => hundredths / 100),
  seed: fc.integer({ min: 0, max: 100_000 }),
});

describe("a seam the stand-in pulls", () => {
  it("lets its force fall where its first stitch breaks, and nowhere before", () =>
    fc.assert(
      fc.property(seams, (seam) => {
        const readings = Array.from({ length: seamPullReadings(seam) }, (_, at) => seamReading(seam, at));
        const broke = firstBreak(readings);
        // A seam that breaks at next to no force is heard by nobody.
        if (seam.breaks < 0.12) return;
        expect(broke).not.toBeNull();
        expect((broke?.mm ?? 0) / seam.gaugeMm - 1).toBeGreaterThan(seam.breaks - 0.03);
        expect((broke?.mm ?? 0) / seam.gaugeMm - 1).toBeLessThan(seam.breaks + 0.03);
      }),
      { numRuns: 60 },
    ));

  it("is the same for the same seed, and goes on past its break", () => {
    const seam = { gaugeMm: 100, breaks: 0.5, seed: 7 };
    expect(seamReading(seam, 31)).toEqual(seamReading(seam, 31));
    expect(seamReading(seam, 31)).not.toEqual(seamReading({ ...seam, seed: 8 }, 31));
    expect(seamReading(seam, seamPullReadings(seam) - 1).mm).toBeGreaterThan(165);
    expect(firstBreak([])).toBeNull();
  });
});
