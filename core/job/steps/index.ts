import { bandStep } from "./band.ts";
import { bodyStep } from "./body.ts";
import { bonesStep } from "./bones.ts";
import { clothStep } from "./cloth.ts";
import { corsetStep } from "./corset.ts";
import { cupsStep } from "./cups.ts";
import { easeStep } from "./ease.ts";
import { elasticsStep } from "./elastics.ts";
import { layoutStep } from "./layout.ts";
import { materialsStep } from "./materials.ts";
import { partsStep } from "./parts.ts";
import { patternStep } from "./pattern.ts";
import { piecesStep } from "./pieces.ts";
import { prototypesStep } from "./prototypes.ts";
import { seamsStep } from "./seams.ts";
import { sewingStep } from "./sewing.ts";
import type { JobSoFar, JobStep, Standing } from "./step.ts";
import { torsoStep } from "./torso.ts";
import { wearStep } from "./wear.ts";

/** Steps of a job in the order of the work. */
export const JOB_STEPS = [
  bodyStep,
  clothStep,
  corsetStep,
  easeStep,
  patternStep,
  torsoStep,
  cupsStep,
  bandStep,
  partsStep,
  piecesStep,
  elasticsStep,
  bonesStep,
  layoutStep,
  materialsStep,
  seamsStep,
  sewingStep,
  prototypesStep,
  wearStep,
] as const;

/** One of the steps. */
export type StepId = (typeof JOB_STEPS)[number]["id"];

/** One step of a job with where it stands. */
export interface Step extends Standing {
  readonly id: StepId;
  readonly name: string;
  /** The key that leads to it. */
  readonly key: string;
  /** True where its open ends are named before a prototype is started. */
  readonly shapes: boolean;
}

/** The order of the work for one job: what is done, what is missing, what wants another look. */
export const stepsOf = (job: JobSoFar): Step[] =>
  (JOB_STEPS as readonly JobStep<StepId>[])
    .filter((step) => step.appears?.(job) ?? true)
    .map((step) => ({
      id: step.id,
      key: step.key,
      name: step.name(job),
      shapes: step.shapes ?? false,
      ...step.standing(job),
    }));

export type { JobProgress, JobSoFar, StepState, WorkingsSoFar } from "./step.ts";
