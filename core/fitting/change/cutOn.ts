import type { Doing } from "./doing.ts";

/** One thing a change does to one piece that is there, as it is drawn. mm, signed: at each of its edges. */
export interface CutOn {
  /** As the piece is called. */
  readonly piece: string;
  /** Line or seam. */
  readonly line: string;
  readonly amountMm: number;
  /** Edges of the piece, as it is cut, that take it. */
  readonly edges: number;
  readonly doing: Doing;
}

/** How a change comes onto the pieces of a job: drawn on some of them, or by hand on none. */
export interface CutWay {
  readonly lines: readonly CutOn[];
  /** What is done on paper where it is drawn on none, or why no line moves; empty where it is drawn. */
  readonly instead: string;
}
