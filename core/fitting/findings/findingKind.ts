import type { Zone } from "../../ease/zones.ts";

/** Every kind of finding the share rule knows; the ones with a file here can be put on the figure. */
export type FindingKindId = "loose" | "tight" | "rides";

/** How a change for this kind acts: it takes girth away or gives some. */
export type FindingEffect = "removal" | "addition";

/** One kind of finding: what is seen, how it is read and what is first proposed. */
export interface FindingKind {
  readonly id: FindingKindId;
  readonly name: string;
  /** What the fitter sees or feels. */
  readonly sees: string;
  /** What the amount is and how it is read. */
  readonly amountName: string;
  readonly howToRead: string;
  readonly effect: FindingEffect;
  /** The amount may have been read as the depth of a fold, which counts twice. */
  readonly canBeFolded: boolean;
  /** Zones it can be put in. */
  readonly zones: readonly Zone[];
  /** The proposal in words; `{zone}` and `{seams}` stand for the place. */
  proposalText(zone: Zone): string;
  /** Other remedies worth naming beside the proposal. */
  alternatives(zone: Zone): readonly string[];
}
