import type { Sheet } from "../body/index.ts";
import { type Cloth, type HandTest, SHIPPED_CLOTH_SETTINGS, type SwatchTest } from "../cloth/index.ts";
import { brief, SHIPPED_EASE_SETTINGS } from "../ease/index.ts";
import { type Job, type JobIngredients, newJob } from "../job/index.ts";

/** A complete brief for an invented wearer, for tests: a snug sheet, a jersey tested across, the share school chosen. */
export const SAMPLE_SHEET: Sheet = {
  id: 7,
  wearerId: 3,
  takenOn: "2026-09-30",
  unit: "cm",
  tape: "snug",
  measuredBy: "",
  notes: "",
  values: [
    { code: "waist", side: "single", text: "74.2", mm: 742 },
    { code: "high_hip", side: "single", text: "90.5", mm: 905 },
    { code: "hip", side: "single", text: "100.8", mm: 1008 },
    { code: "leg_edge", side: "left", text: "59.8", mm: 598 },
    { code: "leg_edge", side: "right", text: "60.4", mm: 604 },
    { code: "waist_to_hip", side: "single", text: "20.5", mm: 205 },
    { code: "crotch_front", side: "single", text: "31.8", mm: 318 },
    { code: "crotch_back", side: "single", text: "37.2", mm: 372 },
    { code: "crotch_depth", side: "single", text: "26.8", mm: 268 },
  ],
};

export const SAMPLE_CLOTH: Cloth = {
  id: 5,
  name: "Test jersey",
  kind: "knit",
  composition: "",
  rollWidthMm: null,
  massGPerM2: null,
  thicknessMm: null,
  shrinkageAlong: null,
  shrinkageAcross: null,
  supplier: "",
  elasticKind: null,
  finishAllowanceMm: null,
  notes: "",
  version: 1,
};

export const SAMPLE_TEST: SwatchTest = {
  id: 11,
  clothId: 5,
  direction: "across",
  testedOn: "2026-09-28",
  state: "new",
  washes: null,
  look: null,
  note: "",
  hand: { gaugeMm: 100, stretchedMm: 162, afterMm: 104 },
  ladder: null,
  struck: null,
  directionWas: null,
};

/** A load ladder of the sample cloth, with the way down of none and the width read once. */
export const SAMPLE_LADDER_TEST: SwatchTest = {
  ...SAMPLE_TEST,
  id: 12,
  ladder: {
    form: "strip",
    widthMm: 50,
    gaugeMm: 100,
    steps: [
      { forceN: 0.5, lengthMm: 112, phase: "load", cycle: 1 },
      { forceN: 1.2, lengthMm: 128, phase: "load", cycle: 1 },
      { forceN: 2.6, lengthMm: 146, phase: "load", cycle: 1 },
      { forceN: 6, lengthMm: 172, phase: "load", cycle: 1 },
      { forceN: 15, lengthMm: 190, phase: "load", cycle: 1 },
    ],
    afterMm: 104,
    after30MinMm: null,
    neckIn: { restMm: 50, stretchedMm: 44, atLengthMm: 146 },
  },
};

/** The sample test with other lengths of the hand test. */
export const sampleHandTest = (hand: Partial<HandTest>): SwatchTest => ({
  ...SAMPLE_TEST,
  hand: { gaugeMm: 100, stretchedMm: 162, afterMm: 104, ...hand },
});

export const SAMPLE_JOB: Job = {
  ...newJob({ name: "Brief", styleId: "brief", wearerId: 3, sheetId: 7, girthDirection: "across" }),
  id: 1,
  clothId: 5,
  school: "share",
  version: 1,
};

/** The sample job's ingredients, with some of them replaced. */
export const sampleIngredients = (own: Partial<JobIngredients> = {}): JobIngredients => ({
  job: SAMPLE_JOB,
  style: brief,
  sheet: SAMPLE_SHEET,
  cloth: SAMPLE_CLOTH,
  tests: [SAMPLE_TEST],
  settings: SHIPPED_EASE_SETTINGS,
  clothSettings: SHIPPED_CLOTH_SETTINGS,
  ...own,
});
