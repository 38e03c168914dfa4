/** Numbers of an ease plan that open their formula. */
export const EASE_NUMBERS = [
  "body",
  "garment",
  "flat",
  "quarter",
  "ease",
  "reduction",
  "strain",
  "shareUsed",
  "grown",
  "pullOn",
] as const;

/** One of {@link EASE_NUMBERS}. */
export type EaseNumber = (typeof EASE_NUMBERS)[number];
