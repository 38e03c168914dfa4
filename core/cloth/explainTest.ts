import type { Explanation, Term } from "../explain/index.ts";
import type { ClothKind } from "./clothKind.ts";
import { type ClothSettings, clothSettingsWords } from "./settings.ts";
import type { DirectionSummary } from "./summary.ts";

const CLASSES = "Stable under 15 %, light under 25 %, moderate under 50 %, high under 75 %, power from there on.";

const source = ({ direction, test }: DirectionSummary, how: string): string => `${how} ${direction}, ${test.testedOn}`;

/** Explains the usable stretch of a direction: by hand, at the ladder's reference tension, or where the ladder ended. */
export function explainUsable(summary: DirectionSummary, kind: ClothKind, settings: ClothSettings): Explanation {
  const { direction, usable, basis, handUsable } = summary;
  const common = {
    title: `Usable stretch, ${direction}`,
    result: { value: usable, unit: "percent" },
    others: others(summary),
  } as const;
  if (basis === "hand" && summary.test.hand) {
    const notes =
      handUsable !== null && summary.ladder
        ? ["The ladder goes further, or ends below its reference: the smaller counts.", CLASSES]
        : [CLASSES];
    return { ...common, formula: "s = L₁ / L₀ − 1", terms: handTerms(summary), notes };
  }
  const reference = referenceTerm(settings.referenceNPerM[kind], clothSettingsWords(settings));
  if (basis === "reference") {
    return {
      ...common,
      formula: "s = T⁻¹(Tᵣ)",
      terms: [reference],
      notes: ["The smallest strain at which the loading curve reaches the reference tension.", CLASSES],
    };
  }
  return {
    ...common,
    formula: "s ≥ last strain",
    terms: [reference],
    notes: ["At least this much: the ladder ended before its reference tension, and there is no hand test.", CLASSES],
  };
}

const referenceTerm = (tension: number, source: string): Term => ({
  symbol: "Tᵣ",
  meaning: "reference tension of this kind of cloth",
  value: tension,
  unit: "tension",
  kind: "setting",
  source,
});

function handTerms(summary: DirectionSummary): Term[] {
  const { hand } = summary.test;
  if (!hand) return [];
  const from = { unit: "length", kind: "cloth", source: source(summary, "hand test") } as const;
  return [
    { symbol: "L₀", meaning: "gauge at rest", value: hand.gaugeMm, ...from },
    { symbol: "L₁", meaning: "pulled to the comfortable limit", value: hand.stretchedMm, ...from },
  ];
}

const others = ({ basis, handUsable }: DirectionSummary): Explanation["others"] =>
  basis !== "hand" && handUsable !== null ? [{ name: "By hand", value: handUsable }] : [];

/** Explains a recovery; null where no length was read at rest. */
export function explainRecovery(summary: DirectionSummary, settings: ClothSettings): Explanation | null {
  const { test, recovery, recoveredAfter, direction } = summary;
  const lengths = readLengths(summary);
  if (recovery === null || !lengths) return null;
  const how = test.ladder && summary.ladder?.recovery !== null && summary.ladder ? "ladder" : "hand test";
  const from = { unit: "length", kind: "cloth", source: source(summary, how) } as const;
  const after = recoveredAfter === "30min" ? "30 min" : "60 s";
  const least = recoveredAfter === "30min" ? settings.leastRecovery.after30min : settings.leastRecovery.after60s;
  return {
    title: `Recovery, ${direction}`,
    formula: "R = (L₁ − L₂) / (L₁ − L₀)",
    terms: [
      { symbol: "L₀", meaning: "gauge at rest", value: lengths.gaugeMm, ...from },
      { symbol: "L₁", meaning: "the furthest it was pulled", value: lengths.longestMm, ...from },
      { symbol: "L₂", meaning: `after ${after} at rest`, value: lengths.restMm, ...from },
    ],
    result: { value: recovery, unit: "percent" },
    notes: [`Under ${least * 100} % after ${after} a cloth will bag.`],
    others: [],
  };
}

/** Explains a growth; null where no length was read at rest. */
export function explainGrowth(summary: DirectionSummary, settings: ClothSettings): Explanation | null {
  const recovery = explainRecovery(summary, settings);
  if (!recovery || summary.growth === null) return null;
  return {
    ...recovery,
    title: `Growth, ${summary.direction}`,
    formula: "g = L₂ / L₀ − 1",
    terms: recovery.terms.filter(({ symbol }) => symbol !== "L₁"),
    result: { value: summary.growth, unit: "percent" },
    notes: ["What the cloth does not take back."],
  };
}

function readLengths({
  test,
  ladder,
}: DirectionSummary): { gaugeMm: number; longestMm: number; restMm: number } | null {
  if (test.ladder && ladder && ladder.recovery !== null) {
    const cycle = Math.max(...test.ladder.steps.map((step) => step.cycle));
    const longestMm = Math.max(
      ...test.ladder.steps.filter((step) => step.cycle === cycle).map((step) => step.lengthMm),
    );
    return {
      gaugeMm: test.ladder.gaugeMm,
      longestMm,
      restMm: test.ladder.after30MinMm ?? test.ladder.afterMm ?? Number.NaN,
    };
  }
  if (!test.hand || test.hand.afterMm === null) return null;
  return { gaugeMm: test.hand.gaugeMm, longestMm: test.hand.stretchedMm, restMm: test.hand.afterMm };
}
