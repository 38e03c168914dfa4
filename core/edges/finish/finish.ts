import type { Result } from "../../result.ts";

/** What is said of an edge whose finish is asked about, mm; left out where it was not. */
export interface FinishGiven {
  /** Of the elastic, or of a strap as it is finished. */
  readonly widthMm?: number;
  /** The decorative edge of a picot or plush elastic. */
  readonly decorativeMm?: number;
  /** The seam allowance of a casing's or a strap tube's own seams. */
  readonly seamMm?: number;
  /** What the pattern asks for under a trim. */
  readonly askedMm?: number;
}

/** What a finish adds at its edge, mm, and how wide a band of its own is cut; null where it has none. */
export interface FinishAdds {
  readonly allowanceMm: number;
  readonly bandCutMm: number | null;
}

/** Allowances that are a habit of the workshop and not a law, mm. */
export interface FinishSettings {
  readonly overlockMm: number;
  readonly lingerieMm: number;
  readonly lappedMm: number;
  readonly wovenMm: number;
  readonly corsetMm: number;
  readonly hemOverlockMm: number;
  readonly hemRolledMm: number;
}

/** As shipped (domain notes, section 7). */
export const SHIPPED_FINISH_SETTINGS: FinishSettings = {
  overlockMm: 6,
  lingerieMm: 6,
  lappedMm: 8,
  wovenMm: 12,
  corsetMm: 15,
  hemOverlockMm: 15,
  hemRolledMm: 6,
};

/** How an edge can be finished, and what that adds. */
export interface Finish {
  readonly id: string;
  readonly name: string;
  /** What an edge finished so is on drawn pieces. */
  readonly edge: "seam" | "elastic" | "hem" | "raw";
  /** How the allowance comes about, in a formula. */
  readonly formula: string;
  /** @returns what it adds; or a problem that says what of the edge is missing, or cannot be. */
  readonly adds: (given: FinishGiven, settings: FinishSettings) => Result<FinishAdds>;
}
