import { measureOf } from "../../body/index.ts";
import type { Explanation, Term } from "../../explain/index.ts";
import { LIMIT_WORDS, type RingVerdict } from "../pullOn.ts";
import { ZONE_NAMES } from "../zones.ts";

function termsOf({ ring, over, passMm, garmentMm, limit }: RingVerdict): Term[] {
  return [
    {
      symbol: "P",
      meaning: `body ${measureOf(over).name.toLowerCase()} it must pass, snug`,
      value: passMm,
      unit: "length",
      kind: "body",
      source: "the sheet",
    },
    {
      symbol: "G",
      meaning: `garment ${ZONE_NAMES[ring].toLowerCase()}`,
      value: garmentMm,
      unit: "length",
      kind: "garment",
      source: "the plan",
    },
    {
      symbol: "s",
      meaning: `usable stretch of ${LIMIT_WORDS[limit.setBy]}`,
      value: limit.usable,
      unit: "ratio",
      kind: "cloth",
      source: limit.setBy === "seam" ? "its trial" : "its swatch test",
    },
  ];
}

/** Explains by how much a ring stretched to its limit is still too small. */
export const explainShortfall = (verdict: RingVerdict): Explanation => ({
  title: `${ZONE_NAMES[verdict.ring]}, how much is missing to pass`,
  formula: "short = P − G · (1 + s)",
  terms: termsOf(verdict),
  result: { value: verdict.shortfallMm, unit: "amount" },
  notes: ["An opening must give at least that much."],
  others: [],
});

/** Explains the least girth that would go on. */
export const explainLeast = (verdict: RingVerdict): Explanation => ({
  title: `${ZONE_NAMES[verdict.ring]}, the least girth that goes on`,
  formula: "G = P / (1 + s)",
  terms: termsOf(verdict).filter(({ symbol }) => symbol !== "G"),
  result: { value: verdict.leastMm, unit: "length" },
  notes: ["Rounded up to 1 mm."],
  others: [],
});
