export { wearCalculation } from "./calculation.ts";
export { firstWears, type PlannedWear } from "./firstWears.ts";
export type { GapRead } from "./gapRead.ts";
export type { PullRead } from "./pullRead.ts";
export type { WearReckoning } from "./reckonWear.ts";
export type { WearFacts } from "./wearFacts.ts";
export { type ClosedOn, NEW_WEAR, READ_AFTER_MIN, type WearWorking } from "./working.ts";
export type { GirthRead, LevelWorn, WearRead } from "./worn.ts";
