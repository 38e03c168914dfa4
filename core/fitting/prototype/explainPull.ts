import { type Explanation, term } from "../../explain/index.ts";
import type { ClosurePull } from "./tension.ts";

/** Explains what a closure was predicted to pull with. */
export const explainPull = (pull: ClosurePull): Explanation => ({
  title: "Closure pull, predicted",
  formula: "F = h · T / 1000 + E",
  terms: [
    term("finding", "amount")("h", "height the pull was read over", pull.heightMm, "read at the fitting"),
    term("cloth", "tension")(
      "T",
      "tension in wear at the strain there",
      pull.tensionNPerM,
      "tests frozen in the prototype",
    ),
    term("finding", "force")("E", "elastics that run into it", pull.elasticsN, "entered with the reading"),
  ],
  result: { value: pull.predictedN, unit: "force" },
  notes: [
    `Read ${pull.measuredN.toFixed(2)} N, which is ${pull.k.toFixed(2)} of the prediction.`,
    ...(pull.beyondTest ? ["The cloth was not tested that far: the tension is drawn on from the last steps."] : []),
  ],
  others: [],
});

/** Explains the median of what closure pulls were of their predictions. */
export function explainCalibration(
  pulls: readonly Pick<ClosurePull, "k" | "measuredN" | "predictedN">[],
  k: number,
): Explanation {
  const sorted = pulls.toSorted((a, b) => a.k - b.k);
  const half = sorted.length / 2;
  const middle = Number.isInteger(half)
    ? sorted.slice(half - 1, half + 1)
    : sorted.slice(Math.floor(half), Math.ceil(half));
  return {
    title: "How much stiffer than the swatch",
    formula: middle.length === 1 ? "k = k₁" : "k = (k₁ + k₂) / 2",
    terms: middle.map((pull, index) =>
      term("finding", "ratio")(
        index === 0 ? "k₁" : "k₂",
        "measured over predicted, in the middle of all pulls",
        pull.k,
        `${pull.measuredN.toFixed(2)} N read, ${pull.predictedN.toFixed(2)} N predicted`,
      ),
    ),
    result: { value: k, unit: "ratio" },
    notes: [`The median of ${pulls.length} pulls: ${sorted.map((pull) => pull.k.toFixed(2)).join(", ")}.`],
    others: [],
  };
}
