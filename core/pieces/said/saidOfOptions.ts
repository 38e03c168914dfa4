import type { JobFacts } from "../../calculation/index.ts";
import type { Elsewhere } from "../../standing/index.ts";
import type { CutLength } from "../cutLengths.ts";

/** What the rest of a job says of a recipe's options, each from what was decided there and from the lengths as cut. */
export interface SaidOfOptions {
  /** What its style or its cloth makes usual. */
  readonly usual?: (job: JobFacts, cut: readonly CutLength[]) => Readonly<Record<string, number>>;
  /** What other steps were told. */
  readonly elsewhere?: (job: JobFacts, cut: readonly CutLength[]) => Elsewhere;
  /** What other steps decide. */
  readonly decided?: (job: JobFacts) => Decided;
}

/** Options that another step decides, each with the words that say so. */
export type Decided = Readonly<Record<string, { readonly value: string; readonly words: string }>>;
