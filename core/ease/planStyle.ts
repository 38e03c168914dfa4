import type { MeasureCode, Side } from "../body/measure.ts";
import { largerSide, type MeasuredValue, measuredValue, type TapeSchool } from "../body/sheetValues.ts";
import { fail, ok, type Result } from "../result.ts";
import { type PassOver, passOver } from "./passOver.ts";
import { planZone, type SchoolOutcome } from "./planZone.ts";
import { SCHOOLS } from "./schools/index.ts";
import type { SchoolId } from "./schools/school.ts";
import type { EaseSettings } from "./settings.ts";
import type { Style } from "./styles/style.ts";
import { ZONE_MEASURES, type Zone } from "./zones.ts";

/** What a plan is made from: one style on one body in one cloth. */
export interface StyleInput {
  readonly style: Style;
  readonly body: { readonly values: readonly MeasuredValue[]; readonly tape: TapeSchool };
  /** Usable stretch and recovery of the cloth in the direction laid round the body. */
  readonly cloth: { readonly usable: number; readonly recovery: number | null };
  readonly settings: EaseSettings;
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
}

/** One zone with the answers of all schools. */
export interface ZonePlan {
  readonly zone: Zone;
  readonly body: ZoneBody;
  /** The smaller of two sides, where it is looser than the plan's side; else null. */
  readonly smallerSide: ZoneBody | null;
  readonly bySchool: Readonly<Record<SchoolId, SchoolOutcome>>;
}

/** A pull-on ring judged under one school. */
export interface RingVerdict extends PassOver {
  readonly ring: Zone;
  readonly over: Zone;
  readonly passMm: number;
  readonly garmentMm: number;
}

/** A zone that is left out of a plan. */
export interface MissingZone {
  readonly zone: Zone;
  readonly code: MeasureCode;
  /** Why its measure is of no use; null where it is not on the sheet. */
  readonly problem: string | null;
}

/** The whole plan. Zones without a measure to plan from are missing, not guessed. */
export interface StylePlan {
  readonly zones: readonly ZonePlan[];
  readonly missing: readonly MissingZone[];
  readonly pullOn: Readonly<Record<SchoolId, readonly RingVerdict[]>>;
  /** True where the cloth stretches less than the style asks round the body. */
  readonly belowLeastStretch: boolean;
}

/**
 * Plans every zone of a style by every school, with the verdict on pulling it on.
 *
 * A zone whose measure is not on the sheet, or is kept for two sides and has only one, is listed as missing and left
 * out; nothing is assumed for it. So is one on which a school leaves no garment.
 *
 * @throws RangeError when the style asks a school for a zone its family has no number for (a mistake in the style).
 */
export function planStyle(input: StyleInput): StylePlan {
  const zones: ZonePlan[] = [];
  const missing: MissingZone[] = [];
  for (const zone of input.style.zones) {
    const bodies = zoneBodies(zone, input);
    const planned = bodies ? planOneZone(zone, bodies, input) : null;
    if (planned?.ok) zones.push(planned.value);
    else missing.push({ zone, code: ZONE_MEASURES[zone], problem: planned?.problem.message ?? null });
  }
  return {
    zones,
    missing,
    pullOn: bySchool((school) => ringVerdicts(school, zones, input)),
    belowLeastStretch: input.cloth.usable < input.style.leastStretch,
  };
}

function planOneZone(
  zone: Zone,
  bodies: { plan: ZoneBody; smaller: ZoneBody | null },
  input: StyleInput,
): Result<ZonePlan> {
  const { style, cloth, settings } = input;
  const { tapedMm, fingerMm, snugMm } = bodies.plan;
  if (snugMm <= 0) {
    return fail("body-not-positive", `Expected a body above the finger’s ${fingerMm} mm, but it is ${tapedMm} mm.`);
  }
  const outcomes: SchoolOutcome[] = [];
  for (const { id } of SCHOOLS) {
    const outcome = planZone(id, { zone, family: style.family, bodyMm: snugMm, settings, ...cloth });
    if (outcome.ok) outcomes.push(outcome.value);
    else if (outcome.problem.code === "no-girth") return outcome;
    else throw new RangeError(outcome.problem.message);
  }
  const answers = Object.fromEntries(outcomes.map((outcome) => [outcome.school, outcome]));
  return ok({
    zone,
    body: bodies.plan,
    smallerSide: bodies.smaller,
    bySchool: answers as Record<SchoolId, SchoolOutcome>,
  });
}

function zoneBodies(zone: Zone, { body, settings }: StyleInput): { plan: ZoneBody; smaller: ZoneBody | null } | null {
  const code = ZONE_MEASURES[zone];
  const snug = (value: MeasuredValue): ZoneBody => {
    const fingerMm = (value.tape ?? body.tape) === "finger" ? settings.fingerAllowanceMm : 0;
    return { code, side: value.side, tapedMm: value.mm, fingerMm, snugMm: value.mm - fingerMm };
  };
  const single = measuredValue(body.values, code);
  if (single) return { plan: snug(single), smaller: null };
  const sides = largerSide(body.values, code);
  if (!sides) return null;
  return { plan: snug(sides.larger), smaller: sides.smaller.mm < sides.larger.mm ? snug(sides.smaller) : null };
}

function ringVerdicts(school: SchoolId, zones: readonly ZonePlan[], { style, cloth }: StyleInput): RingVerdict[] {
  return style.pullOn.flatMap(({ ring, over }) => {
    const ringPlan = zones.find((plan) => plan.zone === ring);
    const overPlan = zones.find((plan) => plan.zone === over);
    if (!ringPlan || !overPlan) return [];
    const { garmentMm } = ringPlan.bySchool[school].consequences;
    const passMm = overPlan.body.snugMm;
    return [{ ring, over, passMm, garmentMm, ...passOver(garmentMm, passMm, cloth.usable) }];
  });
}

function bySchool<T>(answer: (school: SchoolId) => T): Readonly<Record<SchoolId, T>> {
  return Object.fromEntries(SCHOOLS.map(({ id }) => [id, answer(id)])) as Record<SchoolId, T>;
}
