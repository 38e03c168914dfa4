import type { BesideJob } from "../calculation/index.ts";
import { type JobIngredients, type JobProgress, type JobSoFar, jobFacts, planJob } from "../job/index.ts";
import { NEW_WORKINGS, workingFacts } from "../workings/index.ts";
import { sampleIngredients } from "./sampleJob.ts";

const NOTHING_BESIDE: BesideJob = {
  sheetName: "sheet of 30 Sep 2026",
  settingsName: "settings as shipped",
  isForm: false,
  isChild: false,
  wraps: [],
  elastics: [],
  chartBust: null,
  chartLoops: null,
  chartSizes: {},
  shelf: { rows: [] },
};

/** The sample job as far as it has come: nothing entered for its calculations, no prototype made. */
export function sampleSoFar(own: Partial<JobIngredients> = {}, progress: Partial<JobProgress> = {}): JobSoFar {
  const ingredients = sampleIngredients(own);
  const plan = planJob(ingredients);
  return {
    style: ingredients.style,
    plan,
    chart: false,
    entered: {
      workings: NEW_WORKINGS,
      kept: [],
      facts: workingFacts(jobFacts(ingredients, plan, NOTHING_BESIDE, {})),
    },
    progress: { prototypeCount: 0, openFindings: 0, movedOn: false, signedOff: false, ...progress },
  };
}
