import type { MeasureCode } from "../body/index.ts";
import { brokenLimits, type LimitBroken } from "./brokenLimits.ts";
import { type Consequences, consequencesOf, wornIn } from "./consequences.ts";
import { choiceFor, type EaseChoice, NOTHING_CHOSEN, type ZoneChoice } from "./easeChoice.ts";
import { type PlannedLengthAnswer, planLengths } from "./planLengths.ts";
import { planZone } from "./planZone.ts";
import {
  judgeRings,
  type RingsOnBody,
  type RingVerdict,
  ringLimit,
  ringsOnBody,
  type StretchLimit,
  type UnjudgedRing,
} from "./pullOn.ts";
import { bySchool, SCHOOL_IDS, schoolOf } from "./schools/index.ts";
import { mostPressureKpa } from "./schools/pressure.ts";
import type { LikedGirth, SchoolId } from "./schools/school.ts";
import type { EaseSettings } from "./settings.ts";
import type { Style } from "./styles/style.ts";
import { frontArcMm, type PlannedBody, type ZoneBodies, type ZoneBody, zoneBodies } from "./zoneBody.ts";
import type { ChosenGirth, PlannedCloth, ZonePlan } from "./zonePlan.ts";
import { ZONE_MEASURES, type Zone } from "./zones.ts";

/** What a plan is made from: one style on one body in one cloth. */
export interface StyleInput {
  readonly style: Style;
  readonly body: PlannedBody;
  readonly cloth: PlannedCloth;
  readonly settings: EaseSettings;
  readonly choice?: EaseChoice;
  /** Garments that fit, by zone. */
  readonly liked?: Readonly<Partial<Record<Zone, readonly LikedGirth[]>>>;
  /** Usable stretch of the elastic in the edges; null or left out where there is none. */
  readonly edgeUsable?: number | null;
  /** What a boned garment closes to, by zone, mm. */
  readonly closed?: Readonly<Partial<Record<Zone, number>>>;
  /** The body where a boned garment ends, by zone, mm: a lower edge above the hip is held against the body there. */
  readonly closedBody?: Readonly<Partial<Record<Zone, number>>>;
  /** What of a ring does not stretch, by zone, mm: bridge, cups and hooks of a band that is drawn. */
  readonly still?: Readonly<Partial<Record<Zone, number>>>;
  /** Stretch of the seams it is sewn with, ratio; null or left out while none was tried. */
  readonly seamStretch?: number | null;
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
  /** Verdicts on the girths of each school, and on the chosen ones. */
  readonly pullOn: Readonly<Record<SchoolId, readonly RingVerdict[]>>;
  readonly chosenPullOn: readonly RingVerdict[];
  readonly unjudged: readonly UnjudgedRing[];
  /** Lengths by each school; those of the job's school take the chosen girths. */
  readonly lengths: Readonly<Record<SchoolId, readonly PlannedLengthAnswer[]>>;
  readonly broken: readonly LimitBroken[];
  /** True where the cloth stretches less than the style asks round the body. */
  readonly belowLeastStretch: boolean;
}

/**
 * Plans every zone of a style by every school, with the lengths and the verdicts on pulling it on.
 *
 * A zone whose measure is not on the sheet, or is kept for two sides and has only one, is listed as missing and left
 * out; nothing is assumed for it. A school that cannot answer says why in its place.
 */
export function planStyle(input: StyleInput): StylePlan {
  const { style, body, cloth, settings, choice = NOTHING_CHOSEN, edgeUsable = null, seamStretch = null } = input;
  const zones: ZonePlan[] = [];
  const missing: MissingZone[] = [];
  for (const zone of style.zones) {
    const bodies = zoneBodies(zone, body, settings.fingerAllowanceMm);
    if (bodies && bodies.plan.snugMm > 0) zones.push(planOneZone(zone, whereItLies(zone, bodies, input), input));
    else missing.push({ zone, code: ZONE_MEASURES[zone], problem: bodies ? tooSmall(bodies.plan) : null });
  }
  const rings = ringsOnBody(style, body, settings.fingerAllowanceMm);
  const limitOf = (edge: boolean) => ringLimit(edge, { cloth: cloth.usable, elastic: edgeUsable, seam: seamStretch });
  const broken = brokenLimits(style, cloth, zones);
  return {
    zones,
    missing,
    ...pullOnVerdicts(rings, zones, limitOf),
    lengths: bySchool((school) => lengthsBy(school, zones, input, choice)),
    broken,
    belowLeastStretch: broken.some((one) => one.limit === "leastStretch"),
  };
}

/** Girths closer than this are one, mm. */
const SAME_MM = 0.5;

/** The body at a zone, of a boned garment that ends above it the body where it ends. */
function whereItLies(zone: Zone, bodies: ZoneBodies, { closedBody = {} }: StyleInput): ZoneBodies {
  const mm = closedBody[zone];
  if (mm === undefined || Math.abs(mm - bodies.plan.snugMm) < SAME_MM) return bodies;
  const plan = { ...bodies.plan, tapedMm: mm, fingerMm: 0, snugMm: mm, place: "where the garment ends" };
  return { plan, smaller: null };
}

const tooSmall = ({ tapedMm, fingerMm }: ZoneBody): string =>
  `Expected a body above the finger’s ${fingerMm} mm, but it is ${tapedMm} mm.`;

function planOneZone(zone: Zone, bodies: ZoneBodies, input: StyleInput): ZonePlan {
  const { style, body, cloth, settings, choice = NOTHING_CHOSEN, liked = {}, closed = {}, still = {} } = input;
  const { usable, recovery, wear, bodyGives } = wornIn(style, cloth);
  const pressure = choice.pressuresKpa[zone];
  const zoneInput = {
    ...{ zone, family: style.family, bodyMm: bodies.plan.snugMm, settings, usable, recovery, wear },
    frontArcMm: frontArcMm(zone, body),
    liked: liked[zone] ?? [],
    ...(pressure === undefined ? {} : { pressureKpa: pressure }),
    ...(closed[zone] === undefined ? {} : { closedMm: closed[zone] }),
    ...(bodyGives ? { bodyGives } : {}),
    ...(still[zone] === undefined ? {} : { stillMm: still[zone] }),
  };
  const answers = bySchool((school) => schoolOf(school).declines?.(zoneInput) ?? planZone(school, zoneInput));
  const most = mostPressureKpa(zoneInput);
  return {
    zone,
    body: bodies.plan,
    smallerSide: bodies.smaller,
    frontArcMm: zoneInput.frontArcMm,
    bySchool: answers,
    mostPressureKpa: most.ok ? most.value : null,
    chosen: chosenGirth(choiceFor(choice, zone), answers, (garmentMm) => consequencesOf(garmentMm, zoneInput)),
  };
}

function chosenGirth(
  choice: ZoneChoice | null,
  answers: ZonePlan["bySchool"],
  judge: (garmentMm: number) => Consequences,
): ChosenGirth | null {
  if (!choice) return null;
  if (choice.by === "own") return { choice, consequences: judge(choice.garmentMm) };
  const answer = answers[choice.by];
  return answer.ok ? { choice, consequences: answer.value.consequences } : null;
}

function pullOnVerdicts(rings: RingsOnBody, zones: readonly ZonePlan[], limitOf: (edge: boolean) => StretchLimit) {
  const planOf = (zone: Zone) => zones.find((plan) => plan.zone === zone);
  return {
    pullOn: bySchool((school) =>
      judgeRings(rings, (zone) => girthBy(school, planOf(zone))?.garmentMm ?? null, limitOf),
    ),
    chosenPullOn: judgeRings(rings, (zone) => planOf(zone)?.chosen?.consequences.garmentMm ?? null, limitOf),
    unjudged: rings.unjudged,
  };
}

/** What a school's girth does in a zone; null where the school has no answer. */
export function girthBy(school: SchoolId, plan: ZonePlan | undefined): Consequences | null {
  const answer = plan?.bySchool[school];
  return answer?.ok ? answer.value.consequences : null;
}

function lengthsBy(school: SchoolId, zones: readonly ZonePlan[], input: StyleInput, choice: EaseChoice) {
  const { style, body, cloth, settings } = input;
  const along = { usableAlong: cloth.usableAlong ?? null, contraction: cloth.contraction ?? null };
  const strainOf = (zone: Zone) => {
    const plan = zones.find((one) => one.zone === zone);
    return (school === choice.school ? plan?.chosen?.consequences : girthBy(school, plan))?.strain ?? null;
  };
  return planLengths(school, { style, body, along, settings, strainOf });
}

/** True where every zone of the style has a chosen girth. */
export const isComplete = ({ zones, missing }: Pick<StylePlan, "zones" | "missing">): boolean =>
  missing.length === 0 && zones.length > 0 && zones.every(({ chosen }) => chosen !== null);

/** Every school that has an answer in a zone. */
export const answeringSchools = (plan: ZonePlan): SchoolId[] => SCHOOL_IDS.filter((id) => plan.bySchool[id].ok);
