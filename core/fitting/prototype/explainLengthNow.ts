import { type Explanation, subscript, type Term, term } from "../../explain/index.ts";
import { type LengthChanging, lengthEffects, liesWithin } from "../change/lengthEffects.ts";
import type { NextLength } from "./nextLengths.ts";

/** What a length is explained beside. */
export interface LengthSources {
  /** Name of the plan it comes from. */
  readonly source: string;
  /** All lengths of the plan, to tell which lie within which. */
  readonly all: readonly NextLength[];
}

/** Explains a length planned now: from body and cloth, and every decided change of it or of a length within it. */
export function explainLengthNow(
  length: NextLength,
  changes: readonly (LengthChanging & { readonly changeId: number })[],
  { source, all }: LengthSources,
): Explanation {
  const terms = changes
    .flatMap((change) => lengthEffects(change).map((effect) => ({ ...effect, changeId: change.changeId })))
    .filter(({ lengthId }) => liesWithin(lengthId, length, all))
    .map(
      ({ lengthId, byMm, changeId }, index): Term =>
        term("finding", "difference")(
          `c${subscript(index + 1)}`,
          `decided change of ${(all.find(({ id }) => id === lengthId)?.name ?? length.name).toLowerCase()}`,
          byMm,
          `change ${changeId}`,
        ),
    );
  return {
    title: `${length.name}, now planned`,
    formula: ["L = P", ...terms.map(({ symbol }) => symbol)].join(" + "),
    terms: [term("garment", "length")("P", "planned from body and cloth", length.cutMm, source), ...terms],
    result: { value: length.nowMm, unit: "length" },
    notes: [
      terms.length === 0
        ? "No change was decided for it."
        : "Every change decided in this job counts, those already cut included, and those of a length that is part of it.",
    ],
    others: [],
  };
}

/** Explains the strain along the body of a length as it is planned now. */
export const explainLengthStrain = ({
  name,
  bodyMm,
  nowMm,
}: Pick<NextLength, "name" | "bodyMm" | "nowMm">): Explanation => ({
  title: `${name}, strain`,
  formula: "ε = B / L − 1",
  terms: [
    term("body", "length")("B", "of the body", bodyMm, "sheet"),
    term("garment", "length")("L", "to cut, with every change in", nowMm, "planned now"),
  ],
  result: { value: bodyMm / nowMm - 1, unit: "percent" },
  notes: ["Draw-in is counted in the length to cut: without it the cloth is stretched by less than this."],
  others: [],
});
