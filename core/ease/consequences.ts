import { type TensionCurve, tensionAt } from "../cloth/index.ts";
import { isBoned } from "./isBoned.ts";
import { type PressureBand, pressureBandOf, pressureKpa } from "./pressure.ts";
import type { Family } from "./settings.ts";
import type { Zone } from "./zones.ts";

/** How far a zone goes into what its cloth can do. */
export type Reach = "within" | "nearLimit" | "willNotReach";

/** Over this share of the usable stretch a zone is near its limit; over 1 it will not reach. */
export const NEAR_LIMIT_SHARE = 0.6;

/** How hard the cloth pulls in wear and presses. */
export interface Pull {
  readonly tensionNPerM: number;
  readonly pressureKpa: number;
  readonly band: PressureBand;
  /** True where the test did not go that far. */
  readonly beyondTest: boolean;
}

/** What a garment girth means on a body, whichever school gave it. Lengths in mm, the rest ratios. */
export interface Consequences {
  readonly garmentMm: number;
  /** Laid flat: half the girth. */
  readonly flatMm: number;
  readonly quarterMm: number;
  /** Width of the front piece: by the body's front arc, else half, and then {@link halvesAssumed}. */
  readonly frontMm: number;
  readonly backMm: number;
  readonly halvesAssumed: boolean;
  /** Garment minus body; negative for a garment smaller than the body. */
  readonly easeMm: number;
  readonly easeRatio: number;
  readonly reduction: number;
  /** Of what stretches: where part of the ring does not, the rest takes all of it. */
  readonly strain: number;
  /** What of the ring does not stretch, mm; left out where all of it does. */
  readonly stillMm?: number;
  /** True of a boned garment: its scale is the reduction, not the stretch of its cloth. */
  readonly bodyGives?: true;
  /** ε/s; null for a cloth with no usable stretch at all, or so little that the share is no number. */
  readonly shareUsed: number | null;
  readonly reach: Reach;
  /** Tension and pressure in wear; null where the cloth has no curve. */
  readonly pull: Pull | null;
  /** Girth and strain once the cloth has grown; null where no recovery was read. */
  readonly grownGarmentMm: number | null;
  readonly grownStrain: number | null;
}

/** What a cloth does round the body: the part of it a girth is judged with. */
export interface WornCloth {
  readonly usable: number;
  /** R of the cloth, 0 to 1; null where it was not read. */
  readonly recovery: number | null;
  /** Tension in wear; null or left out where no ladder was pulled. */
  readonly wear?: TensionCurve | null;
  /** True of a boned garment: the body gives, not the cloth, and none of its stretch is in use. */
  readonly bodyGives?: boolean;
}

/** Body and cloth a girth is judged against. */
export interface Wearing extends WornCloth {
  readonly zone: Zone;
  readonly bodyMm: number;
  /** Side seam to side seam across the front of the body; null or left out where it was not taken. */
  readonly frontArcMm?: number | null;
  /** What of the ring does not stretch, on the body and in the garment alike, mm; left out where all of it does. */
  readonly stillMm?: number;
}

/**
 * The common yardstick: every consequence of wearing a garment girth (mm, above 0, already rounded) on a body.
 *
 * Growth takes part only while the cloth is stretched: a garment larger than the body (ε below 0) hangs slack and
 * keeps its girth, so growth uses ε or 0, whichever is larger. What of a ring does not stretch covers the body as it is: only the rest is
 * strained, and grows. A girth no larger than what does not stretch has nothing left to stretch: it will not reach.
 */
export function consequencesOf(garmentMm: number, wearing: Wearing): Consequences {
  const { bodyMm, usable, frontArcMm = null, bodyGives = false, stillMm = 0 } = wearing;
  const recovery = bodyGives ? null : wearing.recovery;
  const strain = strainBeside(garmentMm, bodyMm, stillMm);
  const share = strain / usable;
  const grownGarmentMm =
    recovery === null || !Number.isFinite(strain)
      ? null
      : stillMm + (garmentMm - stillMm) * (1 + (1 - recovery) * Math.max(0, strain));
  const frontMm = frontArcMm === null ? garmentMm / 2 : (garmentMm * frontArcMm) / bodyMm;
  return {
    garmentMm,
    flatMm: garmentMm / 2,
    quarterMm: garmentMm / 4,
    frontMm,
    backMm: garmentMm - frontMm,
    halvesAssumed: frontArcMm === null,
    easeMm: garmentMm - bodyMm,
    easeRatio: garmentMm / bodyMm - 1,
    reduction: 1 - garmentMm / bodyMm,
    strain,
    ...(stillMm > 0 ? { stillMm } : {}),
    ...(bodyGives ? { bodyGives } : {}),
    shareUsed: Number.isFinite(share) && !bodyGives ? share : null,
    reach: bodyGives ? "within" : reachOf(strain, usable),
    pull: bodyGives ? null : pullOf(strain, wearing),
    grownGarmentMm,
    grownStrain: grownGarmentMm === null ? null : strainBeside(grownGarmentMm, bodyMm, stillMm),
  };
}

/** The strain of what of a ring stretches; without end where nothing of it does and the body is larger. mm */
export const strainBeside = (garmentMm: number, bodyMm: number, stillMm: number): number =>
  garmentMm > stillMm ? (bodyMm - stillMm) / (garmentMm - stillMm) - 1 : Number.POSITIVE_INFINITY;

/** Tension and pressure in wear at a strain; null where the cloth has no curve. */
export function pullOf(strain: number, { wear, bodyMm, zone }: Pick<Wearing, "wear" | "bodyMm" | "zone">): Pull | null {
  if (!wear || !Number.isFinite(strain)) return null;
  const { tensionNPerM, beyondTest } = tensionAt(wear, strain);
  const pressure = pressureKpa(tensionNPerM, bodyMm);
  return { tensionNPerM, pressureKpa: pressure, band: pressureBandOf(pressure, zone), beyondTest };
}

/** Judges a strain against the usable stretch s. */
export function reachOf(strain: number, usable: number): Reach {
  if (strain > usable) return "willNotReach";
  return strain > NEAR_LIMIT_SHARE * usable ? "nearLimit" : "within";
}

/** A cloth as a garment of a style wears it: in a boned one it does not give. */
export const wornIn = <Worn extends WornCloth>(style: { readonly family: Family }, cloth: Worn): Worn =>
  isBoned(style) ? { ...cloth, bodyGives: true } : cloth;
