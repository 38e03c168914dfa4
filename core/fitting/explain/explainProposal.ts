import type { Explanation, Term } from "../../explain/explanation.ts";
import { findingKindOf } from "../findings/index.ts";
import type { Change, Finding } from "../fitting.ts";
import { perEdge } from "../propose.ts";
import type { FindingProposal, ShareSource } from "../proposeFor.ts";

/** Explains what a proposal takes or gives: the share rule with the numbers of this finding. */
export function explainTake(
  finding: Pick<Finding, "kind" | "amountMm" | "folded">,
  proposal: FindingProposal,
): Explanation {
  const kind = findingKindOf(finding.kind);
  const removal = kind.effect === "removal";
  return {
    title: `${kind.name}: first proposal`,
    formula: removal ? "take = −(u · a) / (1 + ε)" : "give = (u · a) / (1 + ε)",
    terms: [shareTerm(proposal), amountTerm(finding), strainTerm(proposal)],
    result: { value: proposal.takeMm, unit: "difference" },
    notes: [
      "What is read on stretched cloth is cut on resting cloth, so it is divided by 1 + ε.",
      ...(proposal.shareFrom.basis === "outcomes"
        ? [
            "Learnt from this workshop's own changes for this finding in cloth of this stretch class: one over the median of what each millimetre took away, within 0.4 and 1.1.",
          ]
        : []),
      removal
        ? "What is cut off is gone; what is left can be taken next time. So only a share is taken: half under 15 mm, else 0.65."
        : "Too much given is easily taken off, so the whole amount is given.",
    ],
    others: [],
  };
}

/** Where a share comes from, as a proposal says it: `by habit`, `from your 5 outcomes`. */
export const shareWords = ({ basis, n }: ShareSource): string =>
  basis === "outcomes" ? `from your ${n} outcomes` : basis === "own" ? "your own" : "by habit";

const shareTerm = ({ share, shareFrom }: FindingProposal): Term => ({
  symbol: "u",
  meaning: "share of what was read",
  value: share,
  unit: "ratio",
  kind: "setting",
  source: shareWords(shareFrom),
});

const amountTerm = ({ amountMm, folded }: Pick<Finding, "amountMm" | "folded">): Term => ({
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
  source: there ? `body over the garment as ${there.basis}, less one` : "no girth is known there, so none is counted",
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
