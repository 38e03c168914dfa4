export type { ChartLoops, ClosedGarment, ShelfElastic, ShelfStock, WrapLoop } from "./besideJob.ts";
export { type CalculatedStyle, type Calculation, type CalculationStep, calculation } from "./calculation.ts";
export { chosenAt } from "./chosenAt.ts";
export {
  choice,
  type FieldsOf,
  LONGEST_TEXT,
  length,
  type PickedRecord,
  small,
  type WorkingCell,
  type WorkingField,
} from "./field.ts";
export { isBra } from "./isBra.ts";
export { type BesideJob, bareBeside, type CutCloth, type JobFacts } from "./jobFacts.ts";
export { known, type Lack, type Reckoned, type Reckoning, reckoned } from "./reckoning.ts";
export { type BodyFacts, type Wants, wantsOf } from "./wants.ts";
export { workingSchema } from "./workingSchema.ts";
