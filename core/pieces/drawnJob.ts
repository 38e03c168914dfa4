import type { JobFacts } from "../calculation/index.ts";
import type { ClothRole, Draft } from "../drafting/index.ts";
import type { PiecesId } from "./calculations.ts";
import type { StretchOnBody } from "./stretchOnBody.ts";

/** Pieces as they are kept, drawn: one set of those a job has. */
export interface DrawnSet {
  readonly id: PiecesId;
  readonly draft: Draft;
  /** How far it stretches on the body. */
  readonly stretch: StretchOnBody;
}

/** A decided change of an elastic: by how much it is cut longer, or shorter below 0. mm */
export interface ElasticChange {
  readonly id: number;
  /** Where it was seen: `leg`, `neckline`. */
  readonly spot: string;
  readonly side: "left" | "right" | "both";
  /** Pieces it is of: of a leg its front or its back. */
  readonly pieces: string;
  readonly amountMm: number;
}

/** A job as calculations see it that rest on its drawn pieces. */
export interface DrawnJob extends JobFacts {
  /** Every set of pieces that is kept and can be drawn. Drawn when asked for: most calculations never ask. */
  readonly drawn: () => readonly DrawnSet[];
  /** Pieces this garment does without, by set and name. */
  readonly without: readonly string[];
  /** Pieces that its parts bring and no recipe draws: what sums up cloth says that they are not in it. */
  readonly undrawn: () => readonly { readonly name: string; readonly role: ClothRole }[];
  /** What was decided of its elastics at fittings, and is cut into these pieces. */
  readonly elasticChanges: readonly ElasticChange[];
  /** What was decided of them and waits for the next prototype. */
  readonly elasticsWaiting: readonly ElasticChange[];
}
