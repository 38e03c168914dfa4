import { type Explanation, term } from "../../explain/index.ts";
import { expectedLossMm, type SeamsOfRing } from "./expectedLoss.ts";

/** Explains what the seams of a girth are expected to take up. */
export const explainLoss = (of: SeamsOfRing): Explanation => ({
  title: "Taken up by the seams",
  formula: "Δ = −2 · n · t",
  terms: [
    term("setting", "count")("n", "seams that cross the girth", of.seams, "the style"),
    term("cloth", "amount")("t", "thickness of all layers", of.thicknessMm, "the cloths on the shelf"),
  ],
  result: { value: -expectedLossMm(of), unit: "difference" },
  notes: ["A seam joins two plies of every layer and takes up about its own thickness."],
  others: [],
});
