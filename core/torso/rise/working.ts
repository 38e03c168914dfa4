/** What the maker enters to compare rises, depth and waist lines with a pattern. mm; null where not given. */
export interface RiseWorking {
  /** Where the top edge is to sit below the waist; null: as the style says. */
  readonly dropFrontMm: number | null;
  readonly dropBackMm: number | null;
  /** At the side; null: it moves with front and back. */
  readonly dropSideMm: number | null;
  readonly frontRiseMm: number | null;
  readonly backRiseMm: number | null;
  /** Depth of the pattern from its waist (or top edge) to the seat line, at the side. */
  readonly depthMm: number | null;
  /** Shoulder to the pattern's waist line, front and back. */
  readonly frontWaistMm: number | null;
  readonly backWaistMm: number | null;
  readonly inseamMm: number | null;
  /** Cut of the waist elastic over its edge, ratio. */
  readonly elasticRatio: number | null;
}

/** Rises before anything is entered. */
export const NEW_RISE: RiseWorking = {
  dropFrontMm: null,
  dropBackMm: null,
  dropSideMm: null,
  frontRiseMm: null,
  backRiseMm: null,
  depthMm: null,
  frontWaistMm: null,
  backWaistMm: null,
  inseamMm: null,
  elasticRatio: null,
};
