export { bandToTake } from "./bandToTake.ts";
export { freezePlan } from "./freezePlan.ts";
export { type EditedThing, tellEdit } from "./history/tellEdit.ts";
export { type Job, newJob } from "./job.ts";
export { jobFacts } from "./jobFacts.ts";
export { type MovedRing, movedOn } from "./movedOn.ts";
export { type JobIngredients, type JobPlan, type MissingThing, type PlannedJob, planJob } from "./planJob.ts";
export { type Step, type StepId, type StepState, stepsOf } from "./steps.ts";
export { workingSteps } from "./workingSteps.ts";
