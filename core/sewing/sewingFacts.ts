import type { PartsWorking } from "../parts/index.ts";
import type { DrawnJob } from "../pieces/index.ts";
import { madeOf } from "./made.ts";
import type { Made } from "./step.ts";

/** A finding that was put off until a step. */
export interface PutOff {
  /** The step it waits for, as it was said. */
  readonly waitsFor: string;
  /** What was found, in words. */
  readonly words: string;
}

/** What the sewing of a garment rests on. */
export interface SewingFacts {
  readonly made: Made;
  /** Findings that wait for a step. */
  readonly putOff: readonly PutOff[];
  /** How long each step took in jobs of the same style that are past it, minutes. */
  readonly past: Readonly<Record<string, readonly number[]>>;
}

/** What the sewing of a job rests on. Findings and past times are read where they are shown. */
export const sewingFactsOf = ({ style, openings, cloths, keptWorkings }: DrawnJob): SewingFacts => ({
  made: madeOf({
    ...{ style, openings, layers: cloths },
    parts: (keptWorkings.parts as PartsWorking | undefined) ?? null,
  }),
  putOff: [],
  past: {},
});
