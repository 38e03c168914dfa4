import type { Style } from "../ease/index.ts";
import type { LaterStep } from "../laterSteps.ts";
import type { PartChoices } from "../parts/index.ts";

/** What of a garment says which steps its sewing has. */
export interface Made {
  readonly style: Pick<Style, "id" | "family" | "zones" | "lengths" | "closes">;
  readonly parts: PartChoices;
  /** True where a ring of it opens. */
  readonly opens: boolean;
  /** True where a cloth of it goes round the body on the bias. */
  readonly bias: boolean;
  /** True where it has layers beside the outer cloth. */
  readonly lined: boolean;
}

/** A step that has to be done before another, and why. */
export interface Before {
  readonly step: string;
  readonly why: string;
}

/** One step of sewing: adding one is adding it to a file of its kind, or a file and a line in the index. */
export interface SewingStep {
  readonly id: string;
  readonly name: string;
  /** How long it takes where a workshop has not sewn it three times, minutes: a guess. */
  readonly guessMin: number;
  /** How long it is left alone once it is done, day and night, before anything else is sewn on it, minutes; left out for not at all. */
  readonly restMin?: number;
  readonly appears: (made: Made) => boolean;
  /** What has to be there before it closes a seam over it. */
  readonly after?: readonly Before[];
  /** How it is done, where that decides the fit. */
  readonly how?: string;
  /** What is tried on once it is done. */
  readonly fit?: string;
  /** Findings that wait for it come back with it. */
  readonly settles?: LaterStep;
}
