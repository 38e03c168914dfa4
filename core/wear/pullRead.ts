import type { LacingBand } from "../corset/index.ts";

/** A pull in the lace with what it comes to. mm, N, N/m, kPa */
export interface PullRead {
  readonly at: number;
  readonly on: string | null;
  readonly level: string;
  readonly after: string;
  readonly pullN: number;
  readonly gapMm: number;
  readonly pitchMm: number;
  readonly plannedMm: number;
  readonly plannedGapMm: number;
  /** The garment as it was closed there. */
  readonly closedMm: number;
  readonly tensionNPerM: number;
  readonly pressureKpa: number;
  readonly band: LacingBand;
}
