/** Hooks and the bridge's top. mm; null where not given. */
export interface HooksWorking {
  readonly rows: number | null;
  /** Measured height of the tape; null: by its rows. */
  readonly tapeMm: number | null;
  /** Height there is at the back end, between the folded edges. */
  readonly availableMm: number | null;
  /** From the channel to the edge, before the dip. */
  readonly bridgeToEdgeMm: number | null;
  readonly edgeFoldMm: number | null;
  readonly dipMm: number | null;
}

/** Hooks and bridge before anything is entered. */
export const NEW_HOOKS: HooksWorking = {
  rows: null,
  tapeMm: null,
  availableMm: null,
  bridgeToEdgeMm: null,
  edgeFoldMm: null,
  dipMm: null,
};
