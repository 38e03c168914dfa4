export type { LimitBroken } from "./brokenLimits.ts";
export { openingsSchema, pressuresSchema, zoneChoicesSchema } from "./choiceSchema.ts";
export {
  type Consequences,
  consequencesOf,
  NEAR_LIMIT_SHARE,
  type Pull,
  type WornCloth,
  wornIn,
} from "./consequences.ts";
export { choiceFor, type EaseChoice, NOTHING_CHOSEN, type ZoneChoice } from "./easeChoice.ts";
export { explainCost } from "./explain/explainCost.ts";
export { type DerivedFrom, explainDerived } from "./explain/explainDerived.ts";
export { explainEase } from "./explain/explainEase.ts";
export { explainLength } from "./explain/explainLength.ts";
export { explainLiking, type LikingNumber } from "./explain/explainLiking.ts";
export { explainPoint } from "./explain/explainPoint.ts";
export { explainLeast, explainShortfall } from "./explain/explainShortfall.ts";
export { explainFinished, explainSizeEase } from "./explain/explainSize.ts";
export type { EaseNumber } from "./explain/numbers.ts";
export type { EaseColumn, EaseSources } from "./explain/question.ts";
export { farFromBody } from "./farFromBody.ts";
export { type ChartDoubt, chartDoubts, DOUBT_WORDS, turnedOver } from "./grade/chartDoubts.ts";
export { type ChartJump, chartJumps, jumpWords } from "./grade/chartJumps.ts";
export { gradePattern, type PatternSizes, type PatternZone } from "./grade/gradePattern.ts";
export { gradeSizes } from "./grade/gradeSizes.ts";
export {
  CHART_MEASURE_NAMES,
  CHART_MEASURES,
  CHART_ZONES,
  type ChartKind,
  type ChartMeasure,
  type ChartSize,
  type ChartZone,
  isChartMeasure,
  type SizeChart,
} from "./grade/sizeChart.ts";
export { isBoned } from "./isBoned.ts";
export { LACED_STEPS, type LacedStep, lacedStepOf } from "./lacedStep.ts";
export { lengthCut } from "./lengthCut.ts";
export { LIKED_LENGTH_NAMES, LIKED_LENGTHS, type LikedGarment, type LikedLength } from "./liked/likedGarment.ts";
export { type LikedOnBody, likedByZone, likedOnBody } from "./liked/likedOnBody.ts";
export { likingOf, type ZoneLiking } from "./liked/liking.ts";
export { leavesNeckCords, NO_NECK_CORDS } from "./neckCords.ts";
export { type PassOver, type PassVerdict, passOver } from "./passOver.ts";
export {
  type AlongStretch,
  alongStretchBy,
  type PlannedLength,
  type PlannedLengthAnswer,
  planLengths,
} from "./planLengths.ts";
export { answeringSchools, girthBy, isComplete, planStyle, type StyleInput, type StylePlan } from "./planStyle.ts";
export { planZone } from "./planZone.ts";
export {
  bandWords,
  FIRM_FROM_KPA,
  isLimb,
  PRESSURE_BANDS,
  type PressureBand,
  pressureBandOf,
  pressureKpa,
  SNUG_FROM_KPA,
  STOP_OVER_KPA,
  tensionForPressure,
} from "./pressure.ts";
export { LIMIT_WORDS, OPENINGS, type Opening, type RingVerdict } from "./pullOn.ts";
export { roundGirth } from "./roundGirth.ts";
export { fixedCutFor } from "./schools/fixed.ts";
export { isSchoolId, SCHOOL_IDS, SCHOOLS, STRETCH_SCHOOL_IDS, schoolOf } from "./schools/index.ts";
export { reductionFor } from "./schools/percent.ts";
export type { LikedGirth, School, SchoolId } from "./schools/school.ts";
export { type EaseSettings, FAMILIES, FAMILY_NAMES, type Family, SHIPPED_EASE_SETTINGS } from "./settings.ts";
export { easeSettingsSchema } from "./settingsSchema.ts";
export { STRETCH_STEPS, type StretchStep, stretchStepOf } from "./stretchStep.ts";
export { bodysuit } from "./styles/bodysuit.ts";
export { brief } from "./styles/brief.ts";
export { isStyleId, lengthNameOf, STYLES, shippedStyle, styleOf } from "./styles/index.ts";
export { copyOf, type OwnStyle, ownStyleId, ownStyleNumber, styleFromOwn } from "./styles/ownStyle.ts";
export type { Drops, ShippedStyleId, Style, StyleId, StyleLength, StyleLimits, StyleParts } from "./styles/style.ts";
export { neededMeasures } from "./styles/style.ts";
export { ownStyleSchema, styleSchema } from "./styles/styleSchema.ts";
export { type TrunkStrain, trunkStrain, trunkStrainOn } from "./trunkStrain.ts";
export { WHAT_IF_NUMBERS, type WhatIfAnswer, type WhatIfNumber, type WhatIfZone, whatIf } from "./whatIf.ts";
export { FRONT_ARCS, girthBodies, type PlannedBody, type ZoneBody, zoneBodies } from "./zoneBody.ts";
export type { ZonePlan } from "./zonePlan.ts";
export { isZone, ZONE_MEASURES, ZONE_NAMES, ZONES, type Zone } from "./zones.ts";
