import type { BodyFacts, ShelfElastic } from "../../calculation/index.ts";
import type { TensionCurve } from "../../cloth/index.ts";
import type { BandCut, BandLoad } from "./band.ts";

/** What a band is reckoned from beside the working. */
export interface BandFacts {
  readonly body: BodyFacts | null;
  /** A form does not breathe. */
  readonly isForm: boolean;
  /** Strain the ease plan has at the underbust; null where it has none. */
  readonly plannedStrain: number | null;
  /** Its pieces as they are drawn to the planned girth: what of them does not stretch, mm, and how the wings are strained; null while none are. */
  readonly drawn: { readonly rigidMm: number; readonly strain: number } | null;
  readonly usable: number | null;
  /** Tension of the wings in wear; null where a layer has no load ladder. */
  readonly wear: TensionCurve | null;
  readonly elastics: readonly ShelfElastic[];
}

/** An elastic with its cut. */
export interface CutElastic extends ShelfElastic {
  readonly edge: "top" | "bottom";
  readonly ratio: number;
  readonly cutMm: number;
}

/** A band as it is made and as it pulls. */
export interface MadeBand {
  readonly underbustMm: number;
  readonly inhaledMm: number | null;
  readonly rigidMm: number;
  readonly strain: number;
  readonly cut: BandCut | (Omit<BandCut, "inhaledStrain"> & { readonly inhaledStrain: null });
  readonly elastics: readonly CutElastic[];
  readonly heightMm: number | null;
  readonly rest: BandLoad | null;
  readonly inhaled: BandLoad | null;
}
