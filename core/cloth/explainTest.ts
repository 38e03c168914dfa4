import type { Explanation, Term } from "../explain/explanation.ts";
import { LEAST_RECOVERY_AFTER_60_S } from "./handTest.ts";
import type { DirectionSummary } from "./summary.ts";

const source = ({ direction, test }: DirectionSummary): string => `hand test ${direction}, ${test.testedOn}`;

function gaugeAndStretched(summary: DirectionSummary): Term[] {
  const from = { unit: "length", kind: "cloth", source: source(summary) } as const;
  return [
    { symbol: "L₀", meaning: "gauge at rest", value: summary.test.gaugeMm, ...from },
    { symbol: "L₁", meaning: "pulled to the comfortable limit", value: summary.test.stretchedMm, ...from },
  ];
}

/** Explains the usable stretch of a hand test. */
export const explainUsable = (summary: DirectionSummary): Explanation => ({
  title: `Usable stretch, ${summary.direction}`,
  formula: "s = L₁ / L₀ − 1",
  terms: gaugeAndStretched(summary),
  result: { value: summary.usable, unit: "percent" },
  notes: ["Stable under 15 %, light under 25 %, moderate under 50 %, high under 75 %, power from there on."],
  others: [],
});

/** Explains the recovery of a hand test; null where the length after 60 s was not read. */
export function explainRecovery(summary: DirectionSummary): Explanation | null {
  const { test, recovery } = summary;
  if (recovery === null || test.afterMm === null) return null;
  const after: Term = {
    symbol: "L₂",
    meaning: "after 60 s at rest",
    value: test.afterMm,
    unit: "length",
    kind: "cloth",
    source: source(summary),
  };
  return {
    title: `Recovery, ${summary.direction}`,
    formula: "R = (L₁ − L₂) / (L₁ − L₀)",
    terms: [...gaugeAndStretched(summary), after],
    result: { value: recovery, unit: "percent" },
    notes: [`Under ${LEAST_RECOVERY_AFTER_60_S * 100} % after 60 s a cloth will bag.`],
    others: [],
  };
}
