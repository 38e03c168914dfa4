/** Something a garment needs, worked out elsewhere. */
export type Needed = {
  readonly id: string;
  readonly name: string;
  /** What it is for, in words. */
  readonly what: string;
  /** Where that number comes from. */
  readonly source: string;
} & (
  | {
      /** For one garment: mm of what is sold by the metre. */
      readonly needMm: number;
    }
  | {
      /** For one garment: so many of them. */
      readonly pieces: number;
    }
);
