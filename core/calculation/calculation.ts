import type { Style } from "../ease/index.ts";
import type { Upcast } from "../upcast.ts";
import type { FieldsOf, UnfieldedValue } from "./field.ts";
import type { JobFacts } from "./jobFacts.ts";
import type { Reckoning } from "./reckoning.ts";

/** The step of a job that shows a calculation. */
export type CalculationStep =
  | "corset"
  | "torso"
  | "cups"
  | "band"
  | "parts"
  | "pieces"
  | "elastics"
  | "layout"
  | "materials"
  | "seams"
  | "sewing"
  | "bones"
  | "wear";

/** What of a style decides whether a calculation is needed. */
export type CalculatedStyle = Pick<Style, "lengths" | "zones" | "family">;

/**
 * One calculation of a job: what the maker enters, what it rests on, how it is done. Rail, forms, keeping, freezing, files
 * and the tests over all calculations come from this; adding one is adding a folder and a line in `core/workings/calculations.ts`.
 *
 * Seen is what it takes from a job: all but those that rest on drawn pieces look at the job alone.
 */
export interface Calculation<Working extends object, Facts, Result extends Reckoning, Seen = JobFacts> {
  readonly step: CalculationStep;
  /** Before anything is entered; what an older version did not keep yet is as here. */
  readonly fresh: Working;
  readonly fields: FieldsOf<Working>;
  /** Values that have no field of their own. */
  readonly unfielded?: Readonly<Record<string, UnfieldedValue>>;
  /** From each format it was kept in to the next, the first first; left out while there is one. Each leaves what is of today as it is: plans hold workings without their format. */
  readonly upcasts?: readonly Upcast[];
  /** True where a style needs it. */
  readonly appears: (style: CalculatedStyle) => boolean;
  /** Takes what it rests on from the job; null parts are lacking, never assumed. */
  readonly facts: (job: Seen) => Facts;
  readonly reckon: (working: Working, facts: Facts) => Result;
  /** What of it holds for another garment made to the same plan: what happened to this one does not. Left out where all of it does. */
  readonly again?: (working: Working) => Working;
}

/** A calculation whose types are told by its parts. */
export const calculation = <Working extends object, Facts, Result extends Reckoning, Seen = JobFacts>(
  own: Calculation<Working, Facts, Result, Seen>,
): Calculation<Working, Facts, Result, Seen> => own;
