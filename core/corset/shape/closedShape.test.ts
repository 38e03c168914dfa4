import { expect, it } from "vitest";
import { closedRings } from "./closedShape.ts";

const level = { level: "waist", downMm: 100, closedMm: 700, bodyMm: 760, gapMm: 50 };

it("closes a girth round an ellipse of the same girth, its seams where the panels end", () => {
  const [ring] = closedRings([{ ...level, panelsMm: [100, 100, 125] }]);
  // Half of the girth is 350: two sevenths and four sevenths of the way round it.
  expect(ring?.seams.map(({ inFront }) => inFront)).toEqual([true, false]);
  expect(ring?.halfMm).toBeGreaterThan(700 / 2 / Math.PI);
  expect(ring?.bodyHalfMm).toBeCloseTo(((ring?.halfMm ?? 0) * 760) / 700, 9);
  for (const { acrossMm } of ring?.seams ?? []) expect(acrossMm).toBeLessThan(ring?.halfMm ?? 0);
  expect(ring?.halfGapMm).toBeGreaterThan(20);
  expect(ring?.halfGapMm).toBeLessThan(25.1);
});

it("puts a seam half-way at the side, and shows no gap where there is none", () => {
  const [ring] = closedRings([{ ...level, gapMm: 0, panelsMm: [175, 175] }]);
  expect(ring?.seams[0]?.acrossMm).toBeCloseTo(ring?.halfMm ?? 0, 3);
  expect(ring?.halfGapMm).toBe(0);
});
