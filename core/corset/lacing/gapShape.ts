/** Where a laced gap is read. */
export type GapPlace = "top" | "waist" | "bottom";

/** From the top down. */
export const GAP_PLACES: readonly GapPlace[] = ["top", "waist", "bottom"];

/** One number for each place. */
export type ByPlace = Readonly<Record<GapPlace, number>>;

/** A gap is parallel while its places differ by no more than this, mm. */
export const PARALLEL_MM = 10;

/**
 * What each seam edge takes so that the gap comes to its target, mm: `(gap − target) / (2 n)`, n seams of one half that take it.
 * Above 0 lets out.
 */
export const changePerEdge = (gapMm: number, targetMm: number, seams: number): number =>
  (gapMm - targetMm) / (2 * seams);

/** True where the gap is as wide everywhere. */
export const isParallel = (gap: ByPlace, toleranceMm = PARALLEL_MM): boolean => {
  const widths = GAP_PLACES.map((place) => gap[place]);
  return Math.max(...widths) - Math.min(...widths) <= toleranceMm;
};
