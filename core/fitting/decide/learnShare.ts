import { median } from "../../median.ts";
import type { FindingKindId } from "../finding/kinds/findingKind.ts";
import { effectiveness, type Outcome } from "./outcome.ts";

/** Fewer outcomes than this teach nothing yet. */
export const LEAST_OUTCOMES = 3;

/** Whatever the outcomes say, no less and no more than this is suggested at first. */
export const LEARNED_SHARE = { least: 0.4, most: 1.1 } as const;

/** What the workshop's own outcomes suggest for a kind of finding in a class of cloth. */
export interface LearnedShare {
  /** Null under three outcomes, or where changes did nothing or the wrong way. */
  readonly share: number | null;
  /** Outcomes it rests on. */
  readonly n: number;
}

/**
 * The share that outcomes suggest: `1 / median(e)` with the effectiveness `e = (pinch − residual) / taken`, held within
 * 0.4 and 1.1.
 *
 * @param outcomes each as worn, with something taken; others say nothing and are not counted.
 */
export function learnShare(outcomes: readonly Outcome[]): LearnedShare {
  const effects = outcomes.map(effectiveness).filter((effect) => effect !== null);
  const n = effects.length;
  if (n < LEAST_OUTCOMES) return { share: null, n };
  const middle = median(effects);
  if (!(middle > 0)) return { share: null, n };
  return { share: Math.min(LEARNED_SHARE.most, Math.max(LEARNED_SHARE.least, 1 / middle)), n };
}

/** An outcome with the kind of finding it was of. */
export interface OutcomeOfKind extends Outcome {
  readonly kind: FindingKindId;
}

/** What a workshop learnt in one class of cloth, by kind of finding. */
export type LearnedShares = Readonly<Partial<Record<FindingKindId, LearnedShare>>>;

/** Learns each kind of finding from its own outcomes. */
export function learnByKind(outcomes: readonly OutcomeOfKind[]): LearnedShares {
  const kinds = [...new Set(outcomes.map(({ kind }) => kind))];
  return Object.fromEntries(kinds.map((kind) => [kind, learnShare(outcomes.filter((one) => one.kind === kind))]));
}
