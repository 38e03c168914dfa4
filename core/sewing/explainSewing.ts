import { type Explanation, subscript, term } from "../explain/index.ts";
import { type SewingRow, toGo } from "./sewingRow.ts";

const WORDS = {
  "own times": "the workshop's own times",
  guess: "a guess for the style",
  none: "not known",
} as const;

/** How many minutes are still to be sewn: what each step takes, less what was sewn at it. */
export function explainLeft(todo: readonly SewingRow[], leftMin: number): Explanation {
  const terms = todo.map((row, at) => {
    const { name, expected } = row;
    const from = `${WORDS[expected.from]}${expected.times > 0 ? `, ${expected.times} so far` : ""}`;
    return term("setting", "count")(`t${subscript(at + 1)}`, name, toGo(row), from);
  });
  return {
    title: "Minutes still to sew",
    formula: `T = ${terms.map(({ symbol }) => symbol).join(" + ")}`,
    terms,
    result: { value: leftMin, unit: "count" },
    notes: [
      "From the third time on a step takes the median of the workshop's own times in this style; before, a guess.",
    ],
    others: [],
  };
}
