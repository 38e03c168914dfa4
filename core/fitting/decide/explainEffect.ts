import type { Explanation } from "../../explain/index.ts";
import { effectiveness, type Outcome } from "./outcome.ts";

/** Explains what a change did to its finding, for each millimetre of it; null where nothing was done. */
export function explainEffect(outcome: Outcome): Explanation | null {
  const value = effectiveness(outcome);
  if (value === null) return null;
  return {
    title: "What the change did",
    formula: "e = (a − ρ) / d",
    terms: [
      {
        symbol: "a",
        meaning: "amount read before",
        value: outcome.amountMm,
        unit: "amount",
        kind: "finding",
        source: "the finding",
      },
      {
        symbol: "ρ",
        meaning: "what is left of it",
        value: outcome.residualMm,
        unit: "difference",
        kind: "finding",
        source: "read at the next fitting",
      },
      {
        symbol: "d",
        meaning: "taken or given, as worn",
        value: outcome.doneMm,
        unit: "amount",
        kind: "garment",
        source: "the change, times 1 + ε there",
      },
    ],
    result: { value, unit: "ratio" },
    notes: ["1 is just as foreseen, above 1 stronger, 0 nothing. Negative ρ: it went too far."],
    others: [],
  };
}
