import type { ClosedGarment } from "../calculation/index.ts";
import type { DraftFacts } from "../drafting/index.ts";

const down = (name: string, front: number, side: number, back: number) => ({
  [`height_${name}_front`]: front,
  [`height_${name}_side`]: side,
  [`height_${name}_back`]: back,
});

/** An underbust corset on a body of 800 at the waist, closed by 40, with a gap of 50: what its panels are drawn from, mm. */
export const CORSET_FACTS: DraftFacts = {
  measures: {
    ...down("underbust_mid_rib", 62, 60, 58),
    ...down("mid_rib_waist", 66, 64, 62),
    ...down("waist_high_hip", 96, 100, 98),
    ...down("high_hip_hip", 90, 94, 96),
    waist_to_lap: 240,
  },
  girths: { underbust: 838, midRib: 795, waist: 760, highHip: 920, lowerEdge: 1020 },
  lengths: {},
  options: { gap: 50 },
};

/** The same garment as its reduction was decided. */
export const CLOSED: ClosedGarment = {
  levels: [
    { level: "underbust", name: "Underbust", bodyMm: 850, closedMm: 838, patternMm: 788 },
    { level: "midRib", name: "Mid-rib", bodyMm: 820, closedMm: 795, patternMm: 745 },
    { level: "waist", name: "Waist", bodyMm: 800, closedMm: 760, patternMm: 710 },
    { level: "highHip", name: "High hip", bodyMm: 920, closedMm: 920, patternMm: 870 },
    { level: "lowerEdge", name: "Lower edge", bodyMm: 1010, closedMm: 1020, patternMm: 970 },
  ],
  gapMm: 50,
  addedMm: 0,
  laced: true,
  opensInFront: true,
  heights: {
    midRib: { front: 62, side: 60, back: 58 },
    waist: { front: 66, side: 64, back: 62 },
    highHip: { front: 96, side: 100, back: 98 },
    lowerEdge: { front: 90, side: 94, back: 96 },
  },
};
