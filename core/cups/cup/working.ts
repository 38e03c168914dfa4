/** What is chosen for cups. */
export interface CupWorking {
  /** Strain of the cup's cloth, ratio; null: as the settings say. */
  readonly strain: number | null;
  /** What to do where the sides differ; `open` while it is not decided. */
  readonly remedy: "open" | "twoCups" | "padSmaller";
}

/** Cups before anything is chosen. */
export const NEW_CUP: CupWorking = { strain: null, remedy: "open" };
