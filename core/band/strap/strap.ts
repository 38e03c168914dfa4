/** Weight a side carries for each cm³ of its cup, N: about 0.95 g, before any movement. */
export const WEIGHT_N_PER_CM3 = 0.0093;

/** How far an adjuster lets a strap out or in, mm. */
export const ADJUSTER_MM = 30;

/** A strap carrying more than this for each cm of its width cuts in (a habit). */
export const NARROW_OVER_N_PER_CM = 4;

/** A cup over this volume hangs too heavy on a halter, cm³ (a habit). */
export const HALTER_UP_TO_CM3 = 500;

/**
 * A strap as cut: `(path − hardware) / (1 + ε) + allowances`, mm.
 * @param input lengths in mm, path over hardware; strain ε above −1.
 */
export const strapCutMm = (input: {
  readonly pathMm: number;
  readonly hardwareMm: number;
  readonly strain: number;
  readonly allowanceMm: number;
}): number => (input.pathMm - input.hardwareMm) / (1 + input.strain) + input.allowanceMm;
