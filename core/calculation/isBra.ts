import type { CalculatedStyle } from "./calculation.ts";

/** True for styles that carry a bust by a band. */
export const isBra = ({ family }: Pick<CalculatedStyle, "family">): boolean =>
  family === "softBra" || family === "wiredBand";
