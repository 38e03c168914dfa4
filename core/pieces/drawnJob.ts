import type { JobFacts } from "../calculation/index.ts";
import type { Draft } from "../drafting/index.ts";
import type { PiecesId } from "./calculations.ts";
import type { StretchOnBody } from "./stretchOnBody.ts";

/** Pieces as they are kept, drawn: one set of those a job has. */
export interface DrawnSet {
  readonly id: PiecesId;
  readonly draft: Draft;
  /** How far it stretches on the body. */
  readonly stretch: StretchOnBody;
}

/** A job as calculations see it that rest on its drawn pieces. */
export interface DrawnJob extends JobFacts {
  /** Every set of pieces that is kept and can be drawn. Drawn when asked for: most calculations never ask. */
  readonly drawn: () => readonly DrawnSet[];
  /** Pieces this garment does without, by set and name. */
  readonly without: readonly string[];
  /** What is kept of every calculation, by its name: for those that rest on others. */
  readonly keptWorkings: Readonly<Partial<Record<string, object>>>;
}
