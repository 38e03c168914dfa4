import { DECISION_IDS, OPEN, type PartChoices } from "./decision.ts";

/** What the maker decides about a garment's parts, and how far its pieces are cut. */
export interface PartsWorking extends PartChoices {
  /** Pieces that are cut already, by their names in the list. */
  readonly cut: readonly string[];
  /** Pieces of the pattern that this garment does without. */
  readonly without: readonly string[];
  /** To which part a piece of a bought pattern goes, by its name in the list: `front/v`. One that is not here goes with every choice. */
  readonly belongs: Readonly<Record<string, string>>;
}

/** Nothing decided. */
export const NEW_PARTS: PartsWorking = {
  ...(Object.fromEntries(DECISION_IDS.map((id) => [id, OPEN])) as Record<keyof PartChoices, string>),
  cut: [],
  without: [],
  belongs: {},
};
