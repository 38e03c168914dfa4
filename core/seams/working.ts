import { Type } from "typebox";
import { type SeamTrial, trialSchema } from "./trial.ts";

/** No job has more trials. */
export const MOST_TRIALS = 200;

/** What is kept of the seams of a job: its trials in their order, and the one whose set-up it is sewn with. */
export interface SeamsWorking {
  readonly trials: readonly SeamTrial[];
  /** Its number; null while none was chosen. */
  readonly inUse: number | null;
}

/** Its schema, value by value. */
export const SEAMS_UNFIELDED = {
  trials: Type.Array(trialSchema, { maxItems: MOST_TRIALS }),
  inUse: Type.Union([Type.Integer({ minimum: 1 }), Type.Null()]),
} as const;

/** Before anything was tried. */
export const NEW_SEAMS: SeamsWorking = { trials: [], inUse: null };

/** The trial whose set-up a job is sewn with; null while none was chosen. */
export const trialInUse = ({ trials, inUse }: SeamsWorking): SeamTrial | null =>
  trials.find(({ id }) => id === inUse) ?? null;
