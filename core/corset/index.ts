export { BONE_FREE_MM, boneLength, STOCK_STEPS_MM } from "./boneLength.ts";
export { eatenByLayers, eatenBySeams, innerGirth, type Layers } from "./innerGirth.ts";
export {
  type ByPlace,
  changePerEdge,
  GAP_PLACES,
  type GapPlace,
  isParallel,
  PARALLEL_MM,
} from "./lacing/gapShape.ts";
export { LACE_SPARE_MM, LEAST_OPEN_MM, laceLength, openGap } from "./lacing/laceLength.ts";
export {
  LACING_BANDS,
  type LaceReading,
  type LacingBand,
  lacingBand,
  lacingPressure,
  lacingTension,
  lacingWords,
} from "./lacing/lacing.ts";
export {
  CORSET_LEVEL_MEASURES,
  CORSET_LEVEL_NAMES,
  CORSET_LEVEL_ZONES,
  CORSET_LEVELS,
  type CorsetLevel,
  HEIGHT_PLACES,
  type HeightPlace,
  heightCode,
} from "./level.ts";
export { amountWithin } from "./panels/amountWithin.ts";
export { type PanelAt, type PanelPlan, type Panels, panelWidths } from "./panels/panelWidths.ts";
export { type EdgePlace, MOST_TURN_MM, mostTurn, TURN_HEIGHT_MM } from "./panels/turnGuard.ts";
export { SEAM_WEIGHTS, type SeamWeightsId, seamWeights } from "./panels/weights/index.ts";
export { type BodyLevels, type Heights, levelWords } from "./plan/bodyLevels.ts";
export { corsetCalculation } from "./plan/calculation.ts";
export { asGarment, closedBodyByZone, closedByZone, closedGarment } from "./plan/closedGarment.ts";
export { type CorsetFacts, corsetFactsOf, levelsOf } from "./plan/corsetFacts.ts";
export type { CorsetPlan, CorsetPlanLevel } from "./plan/corsetPlan.ts";
export {
  type CorsetReckoning,
  isLacedBy,
  reckonCorset,
} from "./plan/reckonCorset.ts";
export { amountOf, type Closing, type CorsetWorking, NEW_CORSET, USUAL_GAP_MM, withAmount } from "./plan/working.ts";
export {
  cautionOf,
  type ReductionCaution,
  reductionOf,
  STOP_OVER,
  seatedStrain,
  TYPED_ONLY_OVER,
} from "./reduction/caution.ts";
export {
  BREATH_IN_MM,
  BREATH_OUT_MM,
  type ClosedBy,
  type ClosedInput,
  type ClosedLevel,
  closedLevels,
  type LevelBody,
  LOWER_ROOM_MM,
} from "./reduction/closed.ts";
export { EXPERIENCES, type Experience, usualReductionMm } from "./reduction/experience.ts";
export { REDUCTION_SCHOOLS, type ReductionSchoolId, reductionSchool } from "./reduction/schools/index.ts";
export { type ClosedRing, closedRings, type ShapedLevel } from "./shape/closedShape.ts";
