import type { Explanation, Term } from "../explain/index.ts";
import type { SwatchTest } from "./cloth.ts";
import type { ClothKind } from "./clothKind.ts";
import { type ClothSettings, clothSettingsWords } from "./settings.ts";
import type { DirectionSummary } from "./summary.ts";

const CLASSES = "Stable under 15 %, light under 25 %, moderate under 50 %, high under 75 %, power from there on.";

const source = (direction: string, test: SwatchTest, how: string): string => `${how} ${direction}, ${test.testedOn}`;

/** Explains the usable stretch of a direction: by hand, at the ladder's reference tension, or where the ladder ended. */
export function explainUsable(summary: DirectionSummary, kind: ClothKind, settings: ClothSettings): Explanation {
  const { direction, usable, basis, handUsable, test, told } = summary;
  const notes = (words: string) => [words, CLASSES, ...(told ? [told] : [])].filter(Boolean);
  const common = {
    title: `Usable stretch, ${direction}`,
    result: { value: usable, unit: "percent" },
    others: others(summary),
  } as const;
  if (basis === "hand" && test.hand) {
    const both = handUsable !== null && test.ladder;
    return {
      ...{ ...common, formula: "s = L₁ / L₀ − 1", terms: handTerms(summary) },
      notes: notes(both ? "The ladder goes further, or ends below its reference: the smaller counts." : ""),
    };
  }
  const reference = referenceTerm(settings.referenceNPerM[kind], clothSettingsWords(settings));
  if (basis === "reference") {
    return {
      ...common,
      formula: "s = T⁻¹(Tᵣ)",
      terms: [reference],
      notes: notes("The smallest strain at which the loading curve reaches the reference tension."),
    };
  }
  return {
    ...common,
    formula: "s ≥ last strain",
    terms: [reference],
    notes: notes("At least this much: the ladder ended before its reference tension, and there is no hand test."),
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
  const from = { unit: "length", kind: "cloth", source: source(summary.direction, summary.test, "hand test") } as const;
  return [
    { symbol: "L₀", meaning: "gauge at rest", value: hand.gaugeMm, ...from },
    { symbol: "L₁", meaning: "pulled to the comfortable limit", value: hand.stretchedMm, ...from },
  ];
}

const others = ({ basis, handUsable }: DirectionSummary): Explanation["others"] =>
  basis !== "hand" && handUsable !== null ? [{ name: "By hand", value: handUsable }] : [];

/** Explains a recovery; null where no length was read at rest. */
export function explainRecovery(summary: DirectionSummary, settings: ClothSettings): Explanation | null {
  const { returnTest: test, recovery, recoveredAfter, direction } = summary;
  const lengths = test && readLengths(test);
  if (!test || recovery === null || !lengths) return null;
  const from = { unit: "length", kind: "cloth", source: source(direction, test, lengths.how) } as const;
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

/** What growth and recovery are read off: of a ladder its last cycle, else of the hand. mm; null where it was let go unread. */
function readLengths({ hand, ladder }: SwatchTest): {
  readonly how: string;
  readonly gaugeMm: number;
  readonly longestMm: number;
  readonly restMm: number;
} | null {
  const atRestMm = ladder?.after30MinMm ?? ladder?.afterMm ?? null;
  if (ladder && atRestMm !== null) {
    const cycle = Math.max(...ladder.steps.map((step) => step.cycle));
    const longestMm = Math.max(...ladder.steps.filter((step) => step.cycle === cycle).map((step) => step.lengthMm));
    return { how: "ladder", gaugeMm: ladder.gaugeMm, longestMm, restMm: atRestMm };
  }
  if (!hand || hand.afterMm === null) return null;
  return { how: "hand test", gaugeMm: hand.gaugeMm, longestMm: hand.stretchedMm, restMm: hand.afterMm };
}
