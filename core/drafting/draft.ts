import type { Explanation } from "../explain/index.ts";
import type { BodySide, Piece } from "./piece/index.ts";
import type { StatedEdge } from "./stated/statedEdge.ts";

/** Edges whose lengths add up to one length, mm, with what of it lies beside the pieces. */
export interface Run {
  readonly parts: readonly { readonly piece: string; readonly edge: string }[];
  readonly plusMm: number;
}

/** A level with its planned girth G, mm. */
export interface PlannedLevel {
  readonly level: string;
  readonly plannedMm: number;
  /** Where an edge cuts the level off: how far past which end of the side it lies, along it, mm. Left out where it does not. */
  readonly past?: { readonly end: "start" | "end"; readonly mm: number };
  /**
   * What of the girth no piece covers, as a closed hook tape or the gap of a lacing, mm; below 0 where pieces are larger than the girth
   * they close to, since thick layers eat some. Left out where there is none.
   */
  readonly besideMm?: number;
}

/** A loop that runs along edges, with what was planned for it: down the front, through the crotch and up the back. */
export interface PlannedLoop extends PlannedLevel {
  readonly along: Run;
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

/** An edge that elastic goes round, with what it has to agree with, mm. It is marked at the first of its parts. */
export interface ElasticEdge {
  readonly name: string;
  readonly along: Run;
  /** G the plan wants there; null where none was planned. */
  readonly plannedMm: number | null;
  /** What it lies on on the body; null where it was not measured. */
  readonly bodyMm: number | null;
  /** Of which side it is; left out where both are alike. */
  readonly side?: BodySide;
}

/** A length of the pieces that must not pass one of the body, with the words for both. */
export interface LengthLimit {
  readonly name: string;
  readonly along: Run;
  readonly mostMm: number;
  readonly mostName: string;
}

/** A length of the pieces that must reach what lies in it or on it, with the words for both: a channel its wire, an end its hook tape. */
export interface LengthNeed {
  readonly name: string;
  readonly along: Run;
  readonly leastMm: number;
  readonly leastName: string;
}

/** Edges of several pieces that are sewn along those of others, as long together: a cup along its channel. */
export interface Meeting {
  readonly name: string;
  readonly first: Run;
  readonly second: Run;
}

/** The most an edge between panels turns within the height it is judged over, mm. */
export interface EdgeTurn {
  readonly name: string;
  readonly piece: string;
  readonly edge: string;
  readonly mm: number;
}

/** Two edges of a piece that stay apart, with why: a channel and the elastic below it. */
export interface Clearance {
  readonly piece: string;
  readonly edge: string;
  readonly other: string;
  readonly leastMm: number;
  readonly why: string;
}

/**
 * What a recipe draws: pieces with what they are held against and explained by. What the pieces come to is measured, never
 * kept: see `measured.ts`.
 */
export interface Draft {
  readonly recipe: string;
  readonly pieces: readonly Piece[];
  /** Edges of a pattern from elsewhere, known by name and length; left out where every edge is drawn by a recipe. */
  readonly stated?: readonly StatedEdge[];
  /** The pieces that go round the body together, and the levels their girth is planned at. */
  readonly round: readonly string[];
  readonly levels: readonly PlannedLevel[];
  readonly loops: readonly PlannedLoop[];
  readonly numbers: readonly DraftNumber[];
  readonly oneLines: readonly OneLine[];
  readonly elastics: readonly ElasticEdge[];
  readonly limits: readonly LengthLimit[];
  /** These three are left out where a recipe has none. */
  readonly needs?: readonly LengthNeed[];
  readonly meetings?: readonly Meeting[];
  readonly clearances?: readonly Clearance[];
  /** How much edges between panels turn at most; left out where there are none. */
  readonly turns?: readonly EdgeTurn[];
  /** Width of the cloth the pieces are cut from, mm; null where it was not told. */
  readonly rollMm: number | null;
  /** What was assumed, or is not counted, in sentences. */
  readonly notes: readonly string[];
}
