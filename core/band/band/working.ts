/** What the maker enters for a band. mm, ratios, kPa; null where not given. */
export interface BandWorking {
  readonly rigidMm: number | null;
  readonly heightMm: number | null;
  /** Which of the two is given; the other follows. */
  readonly by: "strain" | "pressure";
  /** Null: as the ease plan has it. */
  readonly strain: number | null;
  readonly pressureKpa: number | null;
  readonly topElastic: number | null;
  readonly topRatio: number | null;
  readonly bottomElastic: number | null;
  readonly bottomRatio: number | null;
}

/** A band before anything is entered. */
export const NEW_BAND: BandWorking = {
  rigidMm: null,
  heightMm: null,
  by: "strain",
  strain: null,
  pressureKpa: null,
  topElastic: null,
  topRatio: null,
  bottomElastic: null,
  bottomRatio: null,
};
