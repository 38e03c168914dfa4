import type { StretchClass } from "../../cloth/index.ts";
import type { Position } from "../position.ts";
import type { Gave, Look } from "../seamStretch.ts";

/** What a trial showed, with the set-up it was sewn with. */
export interface Evidence {
  readonly gave: Gave;
  readonly look: Look;
  /** True where the loopers hold textured thread. */
  readonly texturedLoopers: boolean;
  /** Null where the cloth was not tested. */
  readonly clothClass: StretchClass | null;
  /** Dials by position, of those the stitch has. */
  readonly tensions: Readonly<Partial<Record<Position, number>>>;
  /** The dial a balanced seam begins at. */
  readonly base: number;
  /** mm */
  readonly stitchLengthMm: number;
  /** Null where the machine has none. */
  readonly differential: number | null;
  /** Ratios. */
  readonly stretch: number;
  readonly needed: number;
}

/** What to change next, one thing at a time. */
export type AdvisedChange =
  | Position
  | "needle"
  | "looperThread"
  | "stitchLength"
  | "feedStretched"
  | "differential"
  | "footPressure"
  | "keep";

/** A change with what it is set to, and why. */
export interface Advice {
  readonly change: AdvisedChange;
  /** The new dial, length (mm) or thread; null where nothing is set. */
  readonly to: number | "textured" | null;
  /** What it was told from, and what it is for. */
  readonly reason: string;
}

/** One rule of the adviser: what it says of a trial, or null where it has nothing to say. */
export interface AdviserRule {
  readonly id: string;
  readonly says: (evidence: Evidence) => Advice | null;
}

/** A dial is turned by this at a time. */
export const TENSION_STEP = 0.5;

/** Differential feed is changed by this at a time. */
export const DIFFERENTIAL_STEP = 0.25;
