/** A gusset is a piece of its own between front and back: a quarter of what they cover together. */
const PART = 4;

/** Its length is rounded up to this where nothing else is set, mm. */
export const GUSSET_STEP_MM = 10;

/** Rounding never lifts a length that is a whole number of steps but for the last digit of a float. */
const NEARLY = 1e-9;

/**
 * Length of a gusset: a quarter of the centre lengths of the drafted front and back together, from the waist edge to their lower ends,
 * rounded up to a step.
 *
 * @param frontMm,backMm crotch path of the drafted pieces without the gusset, above 0.
 * @param stepMm above 0.
 */
export const gussetLength = (frontMm: number, backMm: number, stepMm = GUSSET_STEP_MM): number =>
  Math.ceil((frontMm + backMm) / PART / stepMm - NEARLY) * stepMm;
