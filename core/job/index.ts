export { bandToTake } from "./bandToTake.ts";
export { freezePlan } from "./freezePlan.ts";
export { FROZEN_UPCASTS, frozenSchema } from "./frozen/index.ts";
export { frozenFacts, type UnfrozenCloth } from "./frozenFacts.ts";
export { type EditedThing, tellEdit } from "./history/tellEdit.ts";
export { type Job, newJob, plannedByStyle, type SignOff } from "./job.ts";
export { jobAgain, workingAgain } from "./jobAgain.ts";
export { jobFacts } from "./jobFacts.ts";
export { type MovedRing, movedOn } from "./movedOn.ts";
export { type PiecesRecord, piecesOfNext } from "./piecesOfNext.ts";
export { type JobIngredients, type JobPlan, type MissingThing, type PlannedJob, planJob } from "./planJob.ts";
export {
  type JobProgress,
  type JobSoFar,
  type Step,
  type StepId,
  type StepState,
  stepsOf,
  type WorkingsSoFar,
} from "./steps/index.ts";
export { stillAsCut, stillOf } from "./stillOf.ts";
