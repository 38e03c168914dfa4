import {
  largerSide,
  type MeasureCode,
  type MeasuredValue,
  measuredValue,
  type Side,
  type TapeSchool,
} from "../body/index.ts";
import { ZONE_MEASURES, type Zone } from "./zones.ts";

/** The body a plan is made for. */
export interface PlannedBody {
  readonly values: readonly MeasuredValue[];
  readonly tape: TapeSchool;
}

/** A body girth as it came and as it is planned with. */
export interface ZoneBody {
  readonly code: MeasureCode;
  /** Side the plan makes room for; `single` for zones taken once. */
  readonly side: Side;
  /** As taped, mm. */
  readonly tapedMm: number;
  /** Taken off for the finger under the tape, mm; 0 for a snug sheet. */
  readonly fingerMm: number;
  /** Snug girth B, mm. */
  readonly snugMm: number;
  /** Where it lies, where that is not where the measure is taken: the lower edge of a boned garment above the hip. Left out else. */
  readonly place?: string;
}

/** The girth to make room for, and the smaller side where there are two that differ. */
export interface ZoneBodies {
  readonly plan: ZoneBody;
  readonly smaller: ZoneBody | null;
}

/** The body at a zone; null where its measure is not on the sheet, or is kept for two sides and has only one. */
export const zoneBodies = (zone: Zone, body: PlannedBody, fingerAllowanceMm: number): ZoneBodies | null =>
  girthBodies(ZONE_MEASURES[zone], body, fingerAllowanceMm);

/** A girth of the body, snug, by its measure; null as in {@link zoneBodies}. */
export function girthBodies(code: MeasureCode, body: PlannedBody, fingerAllowanceMm: number): ZoneBodies | null {
  const snug = (value: MeasuredValue): ZoneBody => {
    const fingerMm = (value.tape ?? body.tape) === "finger" ? fingerAllowanceMm : 0;
    return { code, side: value.side, tapedMm: value.mm, fingerMm, snugMm: value.mm - fingerMm };
  };
  const single = measuredValue(body.values, code);
  if (single) return { plan: snug(single), smaller: null };
  const sides = largerSide(body.values, code);
  if (!sides) return null;
  return { plan: snug(sides.larger), smaller: sides.smaller.mm < sides.larger.mm ? snug(sides.smaller) : null };
}

/** Front arcs, side seam to side seam, by zone. */
export const FRONT_ARCS: Readonly<Partial<Record<Zone, MeasureCode>>> = {
  bust: "bust_front_arc",
  waist: "waist_front_arc",
  hip: "hip_front_arc",
};

/** The front arc of a zone, mm; null where it was not taken. Arcs are never taken with a finger under the tape. */
export function frontArcMm(zone: Zone, { values }: PlannedBody): number | null {
  const code = FRONT_ARCS[zone];
  return code ? (measuredValue(values, code)?.mm ?? null) : null;
}
