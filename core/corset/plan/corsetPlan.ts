import type { Layers } from "../innerGirth.ts";
import type { ReductionCaution } from "../reduction/caution.ts";
import type { ClosedLevel, LevelBody } from "../reduction/closed.ts";
import type { BodyLevels, Heights } from "./bodyLevels.ts";
import type { Closing } from "./working.ts";

/** One level of a garment, mm and parts. */
export interface CorsetPlanLevel extends ClosedLevel {
  readonly body: LevelBody;
  /** What the pattern comes to: closed less the gap, with what is added back for its layers. */
  readonly patternMm: number;
  /** The part of the body taken off; below 0 where it is larger. */
  readonly reduction: number;
  /** What the skin meets when it is closed. */
  readonly innerMm: number;
}

/** A boned garment as it was decided. */
export interface CorsetPlan {
  readonly levels: readonly CorsetPlanLevel[];
  readonly closing: Closing;
  readonly gapMm: number;
  /** At the waist, in the unit of the school, as typed or usual. */
  readonly amount: number;
  readonly caution: ReductionCaution;
  /** Null where no seated waist was read. */
  readonly seatedStrain: number | null;
  /** The waist must lie between: tighter is more than the body offers, looser and the bones carry nothing. mm */
  readonly tightestMm: number;
  readonly loosestMm: number;
  readonly addedMm: number;
  readonly layers: Layers | null;
  /** Null where a height was not taken. */
  readonly heights: Heights | null;
  readonly between: BodyLevels["between"];
}
