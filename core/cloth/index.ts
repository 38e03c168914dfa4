export {
  type Cloth,
  ELASTIC_KINDS,
  type NetLook,
  SWATCH_STATES,
  type SwatchState,
  type SwatchTest,
  stateWords,
} from "./cloth.ts";
export { CLOTH_KINDS, type ClothKind } from "./clothKind.ts";
export { CLOTH_PROPERTIES, TEST_PROPERTIES } from "./clothSchema.ts";
export { type Counting, countingAlone, countingTest } from "./countingTest.ts";
export { monotoneCubic } from "./curve/monotoneCubic.ts";
export { sampleCurve } from "./curve/sample.ts";
export { scaledCurve } from "./curve/scaledCurve.ts";
export { sumCurves } from "./curve/sumCurves.ts";
export {
  LARGEST_QUIET_MOVE,
  strainAt,
  type TensionCurve,
  type TensionThere,
  tensionAt,
  tensionCurve,
  testedTo,
} from "./curve/tensionCurve.ts";
export { DIRECTION_NAMES, DIRECTIONS, type Direction, startDirection, untestedDirections } from "./direction.ts";
export { adviseDirection } from "./directionAdvice.ts";
export { adviseChoice } from "./directionChoice.ts";
export { type ClothStretch, evaluateTest, stretchOf, type TestResult } from "./evaluateTest.ts";
export { explainContraction, explainLayupTension, explainStepStrain, explainStepTension } from "./explainLadder.ts";
export { explainGrowth, explainRecovery, explainUsable } from "./explainTest.ts";
export { evaluateHandTest, HAND_TEST_PROBLEM_FIELDS, type HandTest } from "./handTest.ts";
export { judgeLayup, type LayupLayer, layupTensionAt } from "./layup.ts";
export {
  goesRound,
  type KeptLayer,
  type KeptLayup,
  LAYER_ROLE_NAMES,
  LAYER_ROLES,
  type LayerRole,
} from "./layupRecord.ts";
export { type GarmentLayer, type LayupStretch, layupStretch, type TestedLayer, testLayers } from "./layupStretch.ts";
export {
  evaluateLadder,
  type LadderResult,
  type LadderStep,
  type LoadLadder,
  type NeckIn,
  type SwatchForm,
  stepTension,
} from "./loadLadder.ts";
export { rollDoubt } from "./rollDoubt.ts";
export { type ClothSettings, SHIPPED_CLOTH_SETTINGS } from "./settings.ts";
export { clothSettingsSchema } from "./settingsSchema.ts";
export { cutForShrinkage, MOST_SHRINKAGE } from "./shrinkage.ts";
export { classRange, STABLE_BELOW, type StretchClass, stretchClassOf } from "./stretchClass.ts";
export { type DirectionSummary, summariseTests } from "./summary.ts";
export { usableStretch } from "./usableStretch.ts";
export { wearCurve, wearTensionAt } from "./wearTension.ts";
