import type { Diagonal, Edge, EdgeFinish, OperationCall } from "../../drafting/index.ts";
import type { WrapEdge } from "../../torso/index.ts";

/** One edge of a pattern from elsewhere, or one line across a piece of it. */
export interface OwnEdge {
  readonly piece: string;
  readonly edge: string;
  /** mm; null where it is as long as the line that was read in. */
  readonly length: number | null;
  readonly finish: EdgeFinish;
  readonly counts: WrapEdge["counts"];
  /** The piece stands for both sides of the body. */
  readonly twice: boolean;
  /** Letters of the seam it is sewn in; empty where it is not. */
  readonly seam: string;
  /** Longer than the other side of its seam on purpose, mm; null for not. */
  readonly ease: number | null;
  /** Added outside its seam line, mm; null for nothing. */
  readonly allowance: number | null;
  /** Which line of which outline it is: `p2.3`; empty where it was typed. */
  readonly line: string;
}

/** A piece as it was read in: its seam lines, parted at its corners. */
export interface OwnOutline {
  /** `p2`, unique within the pattern. */
  readonly id: string;
  readonly count: number;
  readonly edges: readonly (readonly Edge[])[];
  /** What it was built from, mm, where it was not read in: its edges in order, and lines across between corners. */
  readonly built?: { readonly edges: readonly number[]; readonly diagonals: readonly Diagonal[] };
}

/** The pieces of a pattern from elsewhere: bought, inherited, or a wrap that was flattened. */
export interface OwnPattern {
  readonly edges: readonly OwnEdge[];
  readonly outlines: readonly OwnOutline[];
  /** Drawn on the pieces that were read in, one after another. */
  readonly steps: readonly OperationCall[];
  /** How far its upper edge lies above the topmost girth that is told, mm; null where it was not said. */
  readonly topAbove: number | null;
  /** What of a girth lies double where it closes, mm; null for nothing. */
  readonly lapMm: number | null;
  /** What of a girth no piece of it is: hook tape, the gap of a lacing, an elastic let in, mm; null for nothing. */
  readonly outsideMm: number | null;
  /** The edge a closure is set into, by its name; empty where it was not said. */
  readonly closureIn: string;
}

/** A pattern before anything of it is told. */
export const NO_PATTERN: OwnPattern = {
  edges: [],
  outlines: [],
  steps: [],
  topAbove: null,
  lapMm: null,
  outsideMm: null,
  closureIn: "",
};

/** Most edges and pieces of one pattern, and lines of one edge. */
export const [MOST_OWN_EDGES, MOST_OWN_PIECES, MOST_LINES] = [96, 40, 2000] as const;

/** How a line of an outline is named by the edge that it is. */
export const lineId = (outline: string, at: number): string => `${outline}.${at}`;
