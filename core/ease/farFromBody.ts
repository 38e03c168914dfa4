/** A garment is doubted that is this many times its body, or less than this part of it: no garment, and no cloth, is. */
const [MOST_TIMES, LEAST_PART] = [1.5, 0.4] as const;

/** What is rather another zone than a wrong digit: a loose hem may stand off so far, mm. */
const STANDS_OFF_MM = 250;

/**
 * Asks about a garment girth that no body of this size is fitted with: a digit too many, or a girth written for a flat width.
 * @param written how the reader writes a length.
 * @returns a sentence; null where nothing is asked. It never blocks.
 */
export function farFromBody(
  garmentMm: number,
  bodyMm: number,
  written: (mm: number) => string = (mm) => `${mm.toFixed(0)} mm`,
): string | null {
  const far =
    garmentMm < bodyMm * LEAST_PART || (garmentMm > bodyMm * MOST_TIMES && garmentMm - bodyMm > STANDS_OFF_MM);
  return far
    ? `${written(garmentMm)} round on a body of ${written(bodyMm)}: is a digit too many or too few, or a girth written for a flat width? It is taken as it stands.`
    : null;
}
