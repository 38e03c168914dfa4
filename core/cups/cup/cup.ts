/** The measures of one breast that a cup is cut from, mm. */
export interface BreastMeasures {
  readonly rootWidthMm: number;
  readonly rootHeightMm: number;
  readonly projectionMm: number;
}

/**
 * Volume of a cup as half an ellipsoid, `V = (2/3) π (w/2) (h/2) p`, cm³.
 * @param breast each measure in mm, above 0.
 */
export const cupVolumeCm3 = ({ rootWidthMm, rootHeightMm, projectionMm }: BreastMeasures): number =>
  ((2 / 3) * Math.PI * (rootWidthMm / 2) * (rootHeightMm / 2) * projectionMm) / 1000;

/** Sides whose volumes differ by more than this part of the larger want a cup each, or a pad. */
export const VOLUME_DIFFERS_OVER = 0.08;

/** Or any breast measure that differs by more than this, mm. */
export const MEASURE_DIFFERS_OVER_MM = 5;

/** A cup seam as cut: the measure of the body less what the cloth's strain gives. mm. */
export const cupSeamMm = (bodyMm: number, strain: number): number => bodyMm / (1 + strain);
