import type { Result } from "../result.ts";
import type { Consequences, WornCloth } from "./consequences.ts";
import type { ZoneChoice } from "./easeChoice.ts";
import type { ClothAlong } from "./planLengths.ts";
import type { SchoolOutcome } from "./planZone.ts";
import type { SchoolId } from "./schools/school.ts";
import type { ZoneBody } from "./zoneBody.ts";
import type { Zone } from "./zones.ts";

/** The cloth of a plan: what it does round the body and along it. */
export interface PlannedCloth extends WornCloth, Partial<ClothAlong> {}

/** The girth a zone is planned with. */
export interface ChosenGirth {
  readonly choice: ZoneChoice;
  readonly consequences: Consequences;
}

/** One zone with the answers of all schools. */
export interface ZonePlan {
  readonly zone: Zone;
  readonly body: ZoneBody;
  /** The smaller of two sides, where it is looser than the plan's side; else null. */
  readonly smallerSide: ZoneBody | null;
  readonly frontArcMm: number | null;
  readonly bySchool: Readonly<Record<SchoolId, Result<SchoolOutcome>>>;
  /** Mean pressure at 0.6 of the usable stretch, kPa: more this cloth cannot give; null without a curve. */
  readonly mostPressureKpa: number | null;
  /** What was chosen; null while nothing was, or the chosen school has no answer. */
  readonly chosen: ChosenGirth | null;
}
