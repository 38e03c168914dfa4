export { riseCalculation } from "./rise/calculation.ts";
export { risesCut } from "./rise/riseFactsOf.ts";
export { dropsOf } from "./rise/riseNeed.ts";
export { NEW_RISE, type RiseWorking } from "./rise/working.ts";
export { trunkCalculation } from "./trunk/calculation.ts";
export { hasTrunk } from "./trunk/hasTrunk.ts";
export { namesIn, type Placement, sideSeamStep } from "./trunk/placements.ts";
export { TRUNK_LINES } from "./trunk/trunkLines.ts";
export { placeTrunkLength, type TrunkLoop, type TrunkPlacing } from "./trunk/trunkLoop.ts";
export { NEW_TRUNK } from "./trunk/working.ts";
export {
  type BodyWrap,
  SEAM_TOLERANCE_MM,
  type SeamPair,
  seamPairs,
  WRAP_COUNTS,
  WRAP_ZONES,
  type WrapEdge,
  wrapLoop,
} from "./wrap/bodyWrap.ts";
export { garmentOverWrap, type WrapGirth, wrapAgainstBody } from "./wrap/wrapAgainstBody.ts";
