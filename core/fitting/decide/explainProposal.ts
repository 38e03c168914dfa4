import type { Explanation, Term } from "../../explain/index.ts";
import type { Change } from "../change/change.ts";
import type { Remedy, RemedyPart } from "../finding/kinds/findingKind.ts";
import { findingKindOf } from "../finding/kinds/index.ts";
import type { Finding } from "../fitting.ts";
import { perEdge } from "./propose.ts";
import type { FindingProposal, ShareSource, ShareTaken } from "./proposeFor.ts";

/**
 * Explains what a remedy takes or gives: the share rule with the numbers of this finding, or the remedy's own formula.
 * Null for a remedy without an amount.
 */
export function explainRemedy(
  finding: Pick<Finding, "kind" | "amountMm" | "folded">,
  proposal: FindingProposal,
  { name, amountMm, by, parts }: Pick<Remedy, "name" | "amountMm" | "by" | "parts">,
): Explanation | null {
  if (amountMm === null) return null;
  const [apart] = parts.filter(({ readMm }) => readMm !== null);
  if (apart) return explainPart(finding, { name }, apart);
  const title = `${findingKindOf(finding.kind).name}: ${name.toLowerCase()}`;
  const result = { value: amountMm, unit: "difference" } as const;
  if (by) return { title, ...by, result, notes: [], others: [] };
  const { taken } = proposal;
  if (!taken || finding.amountMm === null) return null;
  return {
    title,
    formula: amountMm < 0 ? "Δ = −(u · a) / (1 + ε)" : "Δ = (u · a) / (1 + ε)",
    terms: [shareTerm(taken), amountTerm(finding, finding.amountMm), strainTerm(proposal)],
    result,
    notes: [
      "What is read on stretched cloth is cut on resting cloth, so it is divided by 1 + ε.",
      ...(taken.shareFrom.basis === "outcomes"
        ? [
            "Learnt from this workshop's own changes for this finding in cloth of this stretch class: one over the median of what each millimetre took away, within 0.4 and 1.1.",
          ]
        : []),
      EFFECT_NOTES[findingKindOf(finding.kind).effect],
    ],
    others: [],
  };
}

/** Explains one of the amounts of a remedy whose parts differ. */
export const explainPart = (
  { kind }: Pick<Finding, "kind">,
  { name }: Pick<Remedy, "name">,
  { id, amountMm, readMm, strain, by }: RemedyPart,
): Explanation => ({
  title: `${findingKindOf(kind).name}: ${name.toLowerCase()}, ${id}`,
  ...by,
  result: { value: amountMm, unit: "difference" },
  notes:
    readMm === null || strain === null
      ? []
      : ["What is read on stretched cloth is cut on resting cloth, so it is divided by 1 + ε."],
  others: [],
});

const EFFECT_NOTES = {
  removal:
    "What is cut off is gone; what is left can be taken next time. So only a share is taken: half under 15 mm, else 0.65.",
  addition: "Too much given is easily taken off, so the whole amount is given.",
  move: "A move goes the whole way: it can be moved back.",
  reshape: "A move goes the whole way: it can be moved back.",
  note: "",
} as const;

/** Where a share comes from, as a proposal says it: `by habit`, `from your 5 outcomes`. */
export const shareWords = ({ basis, n }: ShareSource): string =>
  basis === "outcomes"
    ? `from your ${n} outcomes`
    : basis === "own"
      ? "your own"
      : basis === "whole"
        ? "moved whole"
        : "by habit";

const shareTerm = ({ share, shareFrom }: ShareTaken): Term => ({
  symbol: "u",
  meaning: "share of what was read",
  value: share,
  unit: "ratio",
  kind: "setting",
  source: shareWords(shareFrom),
});

const amountTerm = ({ folded }: Pick<Finding, "folded">, amountMm: number): Term => ({
  symbol: "a",
  meaning: "amount read, as worn",
  value: amountMm,
  unit: "amount",
  kind: "finding",
  source: folded ? "depth of the fold, counted twice" : "read at the fitting",
});

const strainTerm = ({ there }: FindingProposal): Term => ({
  symbol: "ε",
  meaning: "strain of the cloth there",
  value: there?.strain ?? 0,
  unit: "ratio",
  kind: "result",
  source: there
    ? there.basis === "cups"
      ? "strain of the cups, settings of the ease plan"
      : `body over the garment as ${there.basis}, less one`
    : "an edge that hangs free, or no girth or length is planned there: none is counted",
});

/** Explains the division of a girth change over the two edges of each seam. */
export function explainPerEdge(change: Pick<Change, "seams"> & { readonly amountMm: number }): Explanation {
  return {
    title: "Change at each seam edge",
    formula: "per edge = Δ / (2 · n)",
    terms: [
      {
        symbol: "Δ",
        meaning: "change of the girth",
        value: change.amountMm,
        unit: "difference",
        kind: "garment",
        source: "the change",
      },
      {
        symbol: "n",
        meaning: "seams that take it, two edges each",
        value: change.seams,
        unit: "count",
        kind: "setting",
        source: "the change",
      },
    ],
    result: { value: perEdge(change.amountMm, change.seams), unit: "difference" },
    notes: ["Blended to nothing over 80 mm, or at the next zones above and below."],
    others: [],
  };
}
