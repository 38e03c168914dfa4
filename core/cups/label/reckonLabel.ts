import { type BodyFacts, type Reckoned, type Reckoning, reckoned, wantsOf } from "../../calculation/index.ts";
import { term } from "../../explain/index.ts";
import { type BraLabels, braLabels, cupBustMm, type InchRule } from "./labels.ts";
import type { LabelWorking } from "./working.ts";

/** How far up and down the ladder of sister sizes goes. */
const SISTERS = [-2, -1, 0, 1, 2] as const;

/** One rung of the ladder of sister sizes. */
export interface Sister {
  /** Bands up from the wearer's own; below 0: down. */
  readonly bandsUp: number;
  readonly labels: BraLabels;
}

/** Labels with the sisters of them. */
export interface LabelReckoning extends Reckoning {
  readonly labels: BraLabels | null;
  /** From the smallest band up; rungs outside every table are left out. */
  readonly sisters: readonly Sister[];
  readonly rule: string;
}

/** The schools of inch labels in words. */
export const INCH_RULE_WORDS: Readonly<Record<InchRule, { readonly name: string; readonly words: string }>> = {
  trade: {
    name: "Trade",
    words:
      "By what wires, cups and hooks are sold by: the band from the EN band, the cup at the same place of its list.",
  },
  asIs: {
    name: "As it is",
    words: "Nearest even inch of the underbust; the cup by bust less band in inches.",
  },
  addFourOrFive: {
    name: "Add four or five",
    words: "The older rule: 4 to an even, 5 to an odd whole inch of the underbust; the cup by bust less band.",
  },
};

/** Labels for every market, which are only for buying wires, cups and hooks. */
export function reckonLabel({ inchRule }: LabelWorking, { body }: { readonly body: BodyFacts | null }): LabelReckoning {
  const wants = wantsOf(body);
  const [underbustMm, bustMm] = [wants.girth("underbust"), wants.girth("bust")];
  const leaningMm = wantsOf(body).girth("bust_leaning");
  const rule = INCH_RULE_WORDS[inchRule].words;
  const common = { lacks: wants.lacks, rule };
  if (underbustMm === null || bustMm === null)
    return { ...common, numbers: [], notes: [], warnings: [], labels: null, sisters: [] };
  const fullMm = cupBustMm(bustMm, leaningMm);
  const labels = braLabels(underbustMm, fullMm, inchRule);
  const sisters = SISTERS.map((bandsUp) => ({
    bandsUp,
    labels: braLabels(underbustMm, fullMm, inchRule, bandsUp),
  })).filter(({ labels: own }) => Object.values(own).some((label) => label !== null));
  return {
    ...common,
    numbers: numbersOf(underbustMm, bustMm, leaningMm, fullMm, body?.source ?? ""),
    notes: [
      leaningMm === null
        ? "Full bust from standing alone; the bust leaning was not taken."
        : "Full bust is the mean of standing and leaning.",
      ...(labels.en === null ? ["Outside the EN table: there is no EN label, and none is made up."] : []),
      ...(labels.uk === null ? ["Outside the inch tables by this rule."] : []),
    ],
    warnings: [],
    labels,
    sisters,
  };
}

function numbersOf(
  underbustMm: number,
  bustMm: number,
  leaningMm: number | null,
  fullMm: number,
  source: string,
): Reckoned[] {
  const mm = term("body", "length");
  return [
    reckoned("fullBust", "Full bust for the cup", {
      formula: leaningMm === null ? "F = B" : "F = (B + Bl) / 2",
      terms: [
        mm("B", "bust, snug", bustMm, source),
        ...(leaningMm === null ? [] : [mm("Bl", "bust leaning, snug", leaningMm, source)]),
      ],
      result: { value: fullMm, unit: "length" },
    }),
    reckoned("cupDifference", "Full bust over underbust", {
      formula: "c = F − U",
      terms: [mm("F", "full bust", fullMm, "computed above"), mm("U", "underbust, snug", underbustMm, source)],
      result: { value: fullMm - underbustMm, unit: "length" },
      notes: ["EN letters from 10 cm by 2 cm: AA 10–12, A 12–14, B 14–16 and so on to K 30–32."],
    }),
  ];
}
