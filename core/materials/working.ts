/** Something small that is bought by the piece. */
export interface NotionRow {
  readonly name: string;
  /** For one garment. */
  readonly count: number | null;
}

/** What the maker enters beside what pieces, elastics and layouts need. */
export interface MaterialsWorking {
  readonly notions: readonly NotionRow[];
  /** How many garments are made in this job, prototypes counted; null for one. */
  readonly made: number | null;
}

/** Nothing entered. */
export const NEW_MATERIALS: MaterialsWorking = { notions: [], made: null };

/** No garment has more. */
export const MOST_NOTIONS = 40;
