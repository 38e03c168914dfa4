import type { Judgement } from "../../../core/fitting/index.ts";

/** Tells one judgement of a change from another, so that of two windows the later does not overwrite unseen. */
export const judgementKey = (judgement: Judgement | null): string =>
  judgement ? `${judgement.verdict} ${judgement.residualMm ?? ""} ${judgement.note}`.trim() : "";
