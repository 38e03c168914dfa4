import type { Explanation } from "../explain/index.ts";
import type { Piece } from "./piece/index.ts";

/** A girth of the plan, and what the drawn pieces come to there. */
export interface DraftGirth {
  readonly level: string;
  /** G, mm. */
  readonly plannedMm: number;
  readonly piecesMm: number;
}

/** Two ends of edges that lie in one line once their seam is closed: the waist over the side. */
export interface OneLine {
  readonly first: { readonly piece: string; readonly edge: string; readonly end: "start" | "end" };
  readonly second: { readonly piece: string; readonly edge: string; readonly end: "start" | "end" };
}

/** A number of a draft with everything behind it. */
export interface DraftNumber {
  /** `front.waistHalf`. */
  readonly id: string;
  readonly explanation: Explanation;
}

/** An edge that elastic goes round, with what it has to agree with, mm. */
export interface ElasticEdge {
  readonly name: string;
  /** Length of the seam line, all its pieces together. */
  readonly edgeMm: number;
  /** G the plan wants there; null where none was planned. */
  readonly plannedMm: number | null;
  /** What it lies on on the body; null where it was not measured. */
  readonly bodyMm: number | null;
  /** Where it is marked. */
  readonly piece: string;
  readonly edge: string;
}

/** A straight length that must not pass another one of the body, with the words for it. */
export interface LengthLimit {
  readonly name: string;
  readonly mm: number;
  readonly mostMm: number;
  readonly mostName: string;
  readonly piece: string;
  readonly edge: string;
}

/** What a recipe draws: pieces with all that is checked and explained of them. */
export interface Draft {
  readonly recipe: string;
  readonly pieces: readonly Piece[];
  readonly girths: readonly DraftGirth[];
  /** Planned levels that an edge cuts off on some piece: no ring goes round there. */
  readonly openLevels: readonly string[];
  readonly numbers: readonly DraftNumber[];
  readonly oneLines: readonly OneLine[];
  readonly elastics: readonly ElasticEdge[];
  readonly limits: readonly LengthLimit[];
  /** Width of the cloth the pieces are cut from, mm; null where it was not told. */
  readonly rollMm: number | null;
  /** What was assumed, or is not counted, in sentences. */
  readonly notes: readonly string[];
}
