/** What stock lengths of bones go by. */
export type StockStep = "mm" | "inch";

/** A bone that was placed by hand: so far across a panel from its front edge, as a part. */
export interface OwnBone {
  readonly panel: number | null;
  /** Per cent of the way from the front edge to the back edge. */
  readonly across: number | null;
  readonly kind: "flat" | "spiral" | "plastic";
}

/** A level at which the closing line was marked, from the marked centre to either side, mm. */
export interface MarkedLine {
  readonly level: string;
  readonly leftMm: number | null;
  readonly rightMm: number | null;
}

/** What the maker enters for bones and closure. mm; null where the usual is taken. */
export interface BonesWorking {
  readonly stock: StockStep;
  readonly turnedMm: number | null;
  /** What is taken where a seam curves. */
  readonly curved: "spiral" | "plastic";
  readonly own: readonly OwnBone[];
  readonly pitchMm: number | null;
  readonly rows: number | null;
  readonly loops: boolean;
  readonly tapeTurnMm: number | null;
  readonly marked: readonly MarkedLine[];
  /** Bones placed by rule that this garment does without, by name. */
  readonly without: readonly string[];
}

/** Before anything is entered. */
export const NEW_BONES: BonesWorking = {
  stock: "mm",
  turnedMm: null,
  curved: "spiral",
  own: [],
  pitchMm: null,
  rows: null,
  loops: false,
  tapeTurnMm: null,
  marked: [],
  without: [],
};
