/** Numbers of an ease plan that open their formula. */
export const EASE_NUMBERS = [
  "body",
  "garment",
  "flat",
  "front",
  "back",
  "quarter",
  "ease",
  "easeRatio",
  "reduction",
  "strain",
  "shareUsed",
  "tension",
  "pressure",
  "grown",
  "grownStrain",
  "pullOn",
] as const;

/** One of {@link EASE_NUMBERS}. */
export type EaseNumber = (typeof EASE_NUMBERS)[number];
