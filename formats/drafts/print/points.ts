/** Points of a PDF to the millimetre. */
export const POINTS_PER_MM = 72 / 25.4;
