/** What a change turned out to have done, in the maker's word. */
export type Verdict = "cured" | "better" | "unchanged" | "worse" | "overdone";

/** All verdicts from best to worst, with their meaning. */
export const VERDICTS: readonly { readonly id: Verdict; readonly meaning: string }[] = [
  { id: "cured", meaning: "nothing left to do" },
  { id: "better", meaning: "less than before, still there" },
  { id: "unchanged", meaning: "as before" },
  { id: "worse", meaning: "more than before" },
  { id: "overdone", meaning: "now the other way round" },
];

/** Within this much, or this part of what was read, two readings of one place count as the same. */
const SAME_READING_MM = 3;
const SAME_READING_PART = 0.1;

/** A finding before and after the change that answered it, all as worn (on stretched cloth), mm. */
export interface Outcome {
  /** Amount read at first, above 0. */
  readonly amountMm: number;
  /** What the change took or gave, counted as worn, above 0. */
  readonly doneMm: number;
  /** What is left of the finding; negative where the change went too far. */
  readonly residualMm: number;
}

/** The verdict that the numbers suggest; the maker has the word. */
export function suggestVerdict({ amountMm, residualMm }: Pick<Outcome, "amountMm" | "residualMm">): Verdict {
  const same = Math.max(SAME_READING_MM, SAME_READING_PART * amountMm);
  if (Math.abs(residualMm) <= same) return "cured";
  if (residualMm < 0) return "overdone";
  if (Math.abs(residualMm - amountMm) <= same) return "unchanged";
  return residualMm < amountMm ? "better" : "worse";
}

/**
 * How much of the finding each millimetre of the change took away: `e = (amount − residual) / done`. 1 is just as
 * foreseen, above 1 stronger, 0 none.
 *
 * @returns null where nothing was done.
 */
export const effectiveness = ({ amountMm, doneMm, residualMm }: Outcome): number | null =>
  doneMm > 0 ? (amountMm - residualMm) / doneMm : null;

/** A change on resting cloth counted as worn: `|amount| (1 + ε)`, with the strain where the finding was read. */
export const asWorn = (amountMm: number, strain: number): number => Math.abs(amountMm) * (1 + strain);
