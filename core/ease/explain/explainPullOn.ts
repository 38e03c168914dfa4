import { measureOf } from "../../body/index.ts";
import type { Explanation } from "../../explain/index.ts";
import { HARD_UP_TO, type PassVerdict } from "../passOver.ts";
import type { StylePlan } from "../planStyle.ts";
import { LIMIT_WORDS, type StretchLimit } from "../pullOn.ts";
import { schoolOf } from "../schools/index.ts";
import { ZONE_NAMES } from "../zones.ts";
import type { EaseQuestion, EaseSources } from "./question.ts";

const VERDICT_NOTES: Readonly<Record<PassVerdict, string>> = {
  goes: "The cloth stretches that far in comfort: it goes on.",
  hard: "A little more than the usable stretch: hard to get on.",
  closure: "More than it gives: it needs a closure, or a larger girth.",
};

/** What tells a limit that is not the cloth's. */
const SOURCES: Readonly<Partial<Record<StretchLimit["setBy"], string>>> = {
  elastic: "swatch test of the elastic",
  seam: "trial of the seam in use",
};

/** Explains whether a ring can be pulled on; null where the plan has no such ring. */
export function explainPullOn(
  plan: StylePlan,
  { zone, school }: EaseQuestion,
  sources: EaseSources,
): Explanation | null {
  const verdicts = school === "chosen" ? plan.chosenPullOn : plan.pullOn[school];
  const verdict = verdicts.find(({ ring }) => ring === zone);
  if (!verdict) return null;
  const ring = ZONE_NAMES[verdict.ring].toLowerCase();
  const over = measureOf(verdict.over).name.toLowerCase();
  const { setBy } = verdict.limit;
  return {
    title: `Pulling the ${ring} over the ${over}`,
    formula: "q = P / G − 1",
    terms: [
      {
        symbol: "P",
        meaning: `body ${over} it must pass, snug`,
        value: verdict.passMm,
        unit: "length",
        kind: "body",
        source: sources.sheet,
      },
      {
        symbol: "G",
        meaning: `garment ${ring}`,
        value: verdict.garmentMm,
        unit: "length",
        kind: "garment",
        source: school === "chosen" ? "as chosen" : `planned by ${schoolOf(school).name.toLowerCase()}`,
      },
      {
        symbol: "s",
        meaning:
          setBy === "cloth"
            ? "usable stretch, the limit"
            : `usable stretch of ${LIMIT_WORDS[setBy]}, which gives out first`,
        value: verdict.limit.usable,
        unit: "ratio",
        kind: "cloth",
        source: SOURCES[setBy] ?? sources.test,
      },
    ],
    result: { value: verdict.needed, unit: "percent" },
    notes: [
      VERDICT_NOTES[verdict.verdict],
      `Goes on up to s, hard up to ${HARD_UP_TO} · s, beyond that a closure.`,
      setBy === "cloth"
        ? "The least of cloth, edge elastic and seams sets the limit; seams count once a trial was chosen to sew with."
        : `It stretches less than the cloth: ${LIMIT_WORDS[setBy]} sets the limit.`,
    ],
    others: [],
  };
}
