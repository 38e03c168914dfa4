/** The least a laced garment is opened to be put on, mm. */
export const LEAST_OPEN_MM = 150;

/** What is left to tie, mm. */
export const LACE_SPARE_MM = 600;

/** The gap when it is opened to put it on, mm: what it must pass less its own girth, and never less than {@link LEAST_OPEN_MM}. */
export const openGap = (patternMm: number, passMm: number): number => Math.max(LEAST_OPEN_MM, passMm - patternMm);

/** Lace for n rows of eyelets, cross-laced, at an open gap: `2 n √(g² + p²) + 600`, mm. */
export const laceLength = ({
  rows,
  pitchMm,
  openGapMm,
}: {
  readonly rows: number;
  readonly pitchMm: number;
  readonly openGapMm: number;
}): number => 2 * rows * Math.hypot(openGapMm, pitchMm) + LACE_SPARE_MM;
