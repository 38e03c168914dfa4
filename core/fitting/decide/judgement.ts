import type { Verdict } from "./outcome.ts";

/** What a change turned out to have done, seen at the fitting of a later prototype. */
export interface Judgement {
  readonly fittingId: number;
  /** What is left of the finding, mm; negative where it was over-corrected; null where nothing was read in mm. */
  readonly residualMm: number | null;
  readonly verdict: Verdict;
  readonly note: string;
}
