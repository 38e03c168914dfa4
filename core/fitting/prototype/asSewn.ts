/** Over this difference, in mm or as a part of the plan, a sewn girth is flagged. */
export const SEWING_ERROR_MM = 5;
export const SEWING_ERROR_PART = 0.01;

/** How far the needle left the plan. */
export interface SewingError {
  /** Sewn minus planned, mm. */
  readonly errorMm: number;
  /** True where the fitting judges another garment than was planned. */
  readonly flagged: boolean;
}

/** Compares a girth as sewn with the planned one, both in mm and above 0. */
export function sewingError(sewnMm: number, plannedMm: number): SewingError {
  const errorMm = sewnMm - plannedMm;
  const size = Math.abs(errorMm);
  return { errorMm, flagged: size > SEWING_ERROR_MM || size > SEWING_ERROR_PART * plannedMm };
}
