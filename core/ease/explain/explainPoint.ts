import type { Explanation } from "../../explain/index.ts";
import { LIKED_LENGTH_NAMES, type LikedLength } from "../liked/likedGarment.ts";

/** Explains how a length of a pattern differs from the same one of a garment that fits. mm. */
export const explainPoint = (
  point: LikedLength,
  { patternMm, likedMm, name }: { patternMm: number; likedMm: number; name: string },
): Explanation => ({
  title: `${LIKED_LENGTH_NAMES[point]}, the pattern against “${name}”`,
  formula: "difference = L − L₀",
  terms: [
    {
      symbol: "L",
      meaning: "of the pattern",
      value: patternMm,
      unit: "length",
      kind: "garment",
      source: "typed for this job",
    },
    {
      symbol: "L₀",
      meaning: `of “${name}”, laid flat`,
      value: likedMm,
      unit: "length",
      kind: "garment",
      source: "garments that fit",
    },
  ],
  result: { value: patternMm - likedMm, unit: "difference" },
  notes: [
    "Lengths lie single, they are not doubled. Another cloth may want another length: hold it against the plan too.",
  ],
  others: [],
});
