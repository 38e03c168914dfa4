import type { Explanation } from "../../explain/explanation.ts";
import { HARD_UP_TO, type PassVerdict } from "../passOver.ts";
import type { StylePlan } from "../planStyle.ts";
import { schoolOf } from "../schools/index.ts";
import { ZONE_NAMES } from "../zones.ts";
import type { EaseQuestion, EaseSources } from "./explainEase.ts";

const VERDICT_NOTES: Readonly<Record<PassVerdict, string>> = {
  goes: "The cloth stretches that far in comfort: it goes on.",
  hard: "A little more than the usable stretch: hard to get on.",
  closure: "More than this cloth gives: it needs a closure, or a larger girth.",
};

/** Explains whether a ring can be pulled on; null where the plan has no such ring. */
export function explainPullOn(
  plan: StylePlan,
  { zone, school }: EaseQuestion,
  sources: EaseSources,
): Explanation | null {
  const verdict = plan.pullOn[school].find(({ ring }) => ring === zone);
  if (!verdict) return null;
  const ring = ZONE_NAMES[verdict.ring].toLowerCase();
  const over = ZONE_NAMES[verdict.over].toLowerCase();
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
        source: `planned by ${schoolOf(school).name.toLowerCase()}`,
      },
      {
        symbol: "s",
        meaning: "usable stretch, the limit",
        value: sources.usable,
        unit: "ratio",
        kind: "cloth",
        source: sources.test,
      },
    ],
    result: { value: verdict.needed, unit: "percent" },
    notes: [
      VERDICT_NOTES[verdict.verdict],
      `Goes on up to s, hard up to ${HARD_UP_TO} · s, beyond that a closure.`,
      "An edge elastic or a seam that stretches less than the cloth lowers the limit; neither is in this figure yet.",
    ],
    others: [],
  };
}
