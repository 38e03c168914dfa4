/** How far a zone goes into what its cloth can do. */
export type Reach = "within" | "nearLimit" | "willNotReach";

/** Over this share of the usable stretch a zone is near its limit; over 1 it will not reach. */
export const NEAR_LIMIT_SHARE = 0.6;

/** What a garment girth means on a body, whichever school gave it. Lengths in mm, the rest ratios. */
export interface Consequences {
  readonly garmentMm: number;
  /** Laid flat: half the girth. */
  readonly flatMm: number;
  readonly quarterMm: number;
  /** Garment minus body; negative for a garment smaller than the body. */
  readonly easeMm: number;
  readonly easeRatio: number;
  readonly reduction: number;
  readonly strain: number;
  /** ε/s; null for a cloth with no usable stretch at all, or so little that the share is no number. */
  readonly shareUsed: number | null;
  readonly reach: Reach;
  /** Girth and strain once the cloth has grown; null where no recovery was read. */
  readonly grownGarmentMm: number | null;
  readonly grownStrain: number | null;
}

/** Body and cloth a girth is judged against. */
export interface Wearing {
  readonly bodyMm: number;
  readonly usable: number;
  /** R of the cloth, 0 to 1; null where it was not read. */
  readonly recovery: number | null;
}

/**
 * The common yardstick: every consequence of wearing a garment girth (mm, above 0, already rounded) on a body.
 *
 * Growth takes part only while the cloth is stretched: a garment larger than the body (ε below 0) hangs slack and
 * keeps its girth, so growth uses ε or 0, whichever is larger.
 */
export function consequencesOf(garmentMm: number, { bodyMm, usable, recovery }: Wearing): Consequences {
  const strain = bodyMm / garmentMm - 1;
  const share = strain / usable;
  const grownGarmentMm = recovery === null ? null : garmentMm * (1 + (1 - recovery) * Math.max(0, strain));
  return {
    garmentMm,
    flatMm: garmentMm / 2,
    quarterMm: garmentMm / 4,
    easeMm: garmentMm - bodyMm,
    easeRatio: garmentMm / bodyMm - 1,
    reduction: 1 - garmentMm / bodyMm,
    strain,
    shareUsed: Number.isFinite(share) ? share : null,
    reach: reachOf(strain, usable),
    grownGarmentMm,
    grownStrain: grownGarmentMm === null ? null : bodyMm / grownGarmentMm - 1,
  };
}

/** Judges a strain against the usable stretch s. */
export function reachOf(strain: number, usable: number): Reach {
  if (strain > usable) return "willNotReach";
  return strain > NEAR_LIMIT_SHARE * usable ? "nearLimit" : "within";
}
