/** The loop from the shoulder through the crotch and back, where edges count to it. */
export const TRUNK_LOOP = "trunkLoop";

/** An edge, or a line across, of a pattern that is known by its name and its length. */
export interface StatedEdge {
  readonly piece: string;
  /** Unique within the piece. */
  readonly edge: string;
  /** mm, above 0; null where the piece is drawn and has an edge of that name: then it is as long as that. */
  readonly lengthMm: number | null;
  /** The level or loop it is a part of; empty where nothing is summed. */
  readonly counts: string;
  /** How often it goes round: twice where the piece stands for both sides. */
  readonly times: 1 | 2;
  /** Letters of the seam it is sewn in; empty where it is not. */
  readonly seam: string;
  /** By how much it is longer than the other side of its seam on purpose, mm: eased in where above 0, stretched where below. */
  readonly easeMm: number;
  /** The piece it was one with before that was split: at their seams both count as one. Left out where it was not. */
  readonly partOf?: string;
}
