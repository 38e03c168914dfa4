/** Sewing steps a finding can be put off to: only then can it be seen whether it settles. */
export const LATER_STEPS = [
  "neckline bound",
  "armholes bound",
  "leg elastics in",
  "waist or band elastic in",
  "straps set to length",
  "closure in",
  "lining in",
  "after the first wash",
] as const;

/** One of {@link LATER_STEPS}. */
export type LaterStep = (typeof LATER_STEPS)[number];
