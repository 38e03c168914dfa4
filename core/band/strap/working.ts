/** What the maker enters for straps. mm; null where not given. */
export interface StrapWorking {
  /** Rings and slider, together. */
  readonly hardwareMm: number | null;
  readonly allowanceMm: number | null;
  /** By the habit of the settings, by the elastic's own test under the weight it carries, or not at all: of cloth that does not stretch. */
  readonly by: "habit" | "test" | "rigid";
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
