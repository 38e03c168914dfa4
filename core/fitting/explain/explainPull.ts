import type { Explanation } from "../../explain/explanation.ts";
import { term } from "../../explain/term.ts";
import type { ClosurePull } from "../tension.ts";

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
