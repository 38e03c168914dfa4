import { expect, it } from "vitest";
import type { ClosedGarment } from "../calculation/index.ts";
import { zipEnd } from "./zipLength.ts";

const level = (name: string, bodyMm: number, closedMm: number) => ({
  ...{ level: name, name, bodyMm, closedMm, patternMm: closedMm },
});
const step = (mm: number) => ({ front: mm, side: mm, back: mm });

it("goes on into the skirt down to the hip, where alone what stays closed passes the body", () => {
  const bodice: ClosedGarment = {
    levels: [level("waist", 700, 670), level("highHip", 880, 880), level("lowerEdge", 930, 940)],
    ...{ gapMm: 0, addedMm: 0, laced: false, opensInFront: false },
    heights: { highHip: step(100), lowerEdge: step(50) },
  };
  const dress: ClosedGarment = {
    ...bodice,
    levels: [...bodice.levels, level("skirtHip", 980, 990)],
    heights: { ...bodice.heights, skirtHip: step(50) },
  };
  expect(zipEnd(bodice, 0.02)).toMatchObject({ passMm: 930 });
  expect(zipEnd(bodice, 0.02)?.belowWaistMm).toBeLessThan(150);
  expect(zipEnd(dress, 0.02)).toMatchObject({ passMm: 980, opensWhole: false });
  expect(zipEnd(dress, 0.02)?.belowWaistMm).toBeGreaterThan(150);
});
