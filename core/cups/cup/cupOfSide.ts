import type { MeasureCode } from "../../body/index.ts";
import type { BodyFacts } from "../../calculation/index.ts";
import type { Elsewhere } from "../../standing/index.ts";

/** Measures of a breast that two sides are compared by. */
export const BREAST_CODES = [
  "root_width",
  "root_height",
  "projection",
  "wire_line",
  "lower_cup",
  "upper_cup",
  "cross_cup",
] as const satisfies readonly MeasureCode[];

/** One of {@link BREAST_CODES}. */
export type BreastCode = (typeof BREAST_CODES)[number];

/** What cups are reckoned from beside the working. */
export interface CupFacts {
  readonly body: BodyFacts | null;
  readonly cupStrain: number;
  readonly settingsName: string;
  /** What Pieces was told of them. */
  readonly elsewhere: Elsewhere;
}

/** One side with its measures and its volume. */
export interface CupOfSide {
  readonly measures: Readonly<Partial<Record<BreastCode, number>>>;
  /** cm³; null where root width, root height or projection was not taken. */
  readonly volumeCm3: number | null;
}

/** A difference that lost its last digit on the way is still the one it was measured as. */
export const ROUNDED_AWAY = 1e-9;
