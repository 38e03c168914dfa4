import { ZONE_NAMES } from "../ease/index.ts";
import { type Explanation, term } from "../explain/index.ts";
import type { JobSeam } from "./jobSeams.ts";
import { LEAST_NEEDED, neededStretch, RESERVE, seamStretch } from "./seamStretch.ts";
import type { SeamTrial } from "./trial.ts";

const habit = term("setting", "ratio");

/** Why a seam needs the stretch it needs. */
export function explainNeeded({ name, worn, pulled }: JobSeam): Explanation {
  const strains = [
    ...(worn ? [term("result", "percent")("ε", `${zone(worn.zone)} in wear`, worn.strain, "ease plan")] : []),
    ...(pulled ? [term("result", "percent")("q", `${zone(pulled.zone)} when put on`, pulled.strain, "ease plan")] : []),
  ];
  return {
    title: `Stretch needed at the ${name}`,
    formula: `n = max(n₀, ${strains.map(({ symbol }) => `r · ${symbol}`).join(", ")})`,
    terms: [
      term("setting", "percent")("n₀", "never less", LEAST_NEEDED, "habit"),
      habit("r", "further than the garment stretches", RESERVE, "habit"),
      ...strains,
    ],
    result: { value: neededStretch(strains.map(({ value }) => value)), unit: "percent" },
    notes: ["As far as the cloth goes is the better goal for sport, and at the inseam."],
    others: [],
  };
}

const zone = (id: keyof typeof ZONE_NAMES): string => ZONE_NAMES[id].toLowerCase();

/** How the stretch of a trial comes about. */
export const explainTried = ({ id, lengthMm, gaugeMm }: SeamTrial): Explanation => ({
  title: `Stretch of the seam, trial ${id}`,
  formula: "σ = L / g − 1",
  terms: [
    term("cloth", "length")("L", "where the first stitch broke, or the cloth would go no further", lengthMm, "trial"),
    term("cloth", "length")("g", "marked along the seam at rest", gaugeMm, "trial"),
  ],
  result: { value: seamStretch(lengthMm, gaugeMm), unit: "percent" },
  notes: [],
  others: [],
});
