/** What the maker enters for straps. mm; null where not given. */
export interface StrapWorking {
  /** Rings and slider, together. */
  readonly hardwareMm: number | null;
  readonly allowanceMm: number | null;
  /** By the habit of the settings, or by the elastic's own test under the weight it carries. */
  readonly by: "habit" | "test";
  readonly elastic: number | null;
  readonly widthMm: number | null;
  readonly halter: boolean;
}

/** Straps before anything is entered. */
export const NEW_STRAP: StrapWorking = {
  hardwareMm: null,
  allowanceMm: null,
  by: "habit",
  elastic: null,
  widthMm: null,
  halter: false,
};
