export { type Advice, type AdvisedChange, advise } from "./adviser/index.ts";
export { seamsCalculation } from "./calculation.ts";
export type { SetupChange } from "./changedSetup.ts";
export { explainNeeded, explainTried } from "./explainSeam.ts";
export type { JobSeam } from "./jobSeams.ts";
export { DIFFERENTIAL, HIGHEST_DIAL, type Machine, MOST_MACHINES } from "./machine.ts";
export { perCent } from "./perCent.ts";
export { isNeedle, isPosition, POSITION_NAMES, POSITIONS, type Position } from "./position.ts";
export {
  MACHINES,
  type Machines,
  RECIPES,
  type Recipes,
  recipesFor,
  reopened,
  type SeamRecipe,
  withRecipe,
} from "./recipe.ts";
export type { SeamNeed, SeamsReckoning, TrialRead } from "./reckonSeams.ts";
export {
  type Gave,
  LEAST_NEEDED,
  LOOKS,
  type Look,
  neededStretch,
  type SeamVerdict,
  seamStretch,
  seamVerdict,
} from "./seamStretch.ts";
export type { SeamsFacts } from "./seamsFacts.ts";
export { GAVE_WORDS, LOOK_WORDS, setupWords, VERDICT_WORDS } from "./seamWords.ts";
export { NEEDLE_KINDS, NEEDLE_SIZES, type SeamSetup, type SetupThread } from "./setup.ts";
export { simulatedBreak } from "./simulatedBreak.ts";
export { STITCH_IDS, STITCH_LENGTH_MM, STITCHES, type Stitch, type StitchId, stitchOf } from "./stitches/index.ts";
export { THREADS, type ThreadId, threadOf } from "./thread.ts";
export { GAVE, type SeamTrial, USUAL_GAUGE_MM } from "./trial.ts";
export { MOST_TRIALS, NEW_SEAMS, type SeamsWorking, trialInUse } from "./working.ts";
export { KEPT_WIDTH, zigzagStretch } from "./zigzag.ts";
