export { type BodyWrapRepository, bodyWrapRepository } from "./bodyWraps.ts";
export {
  type Erased,
  type ErasedHere,
  erasedFromHere,
  eraseJobsNow,
  eraseRemovedJobs,
  eraseWearer,
  finishScrub,
  forgottenByBackups,
} from "./erasure.ts";
export { type LikedGarmentRepository, likedGarmentRepository } from "./likedGarments.ts";
export { type MeasureLinkRepository, measureLinkRepository } from "./measureLinks.ts";
export { type SheetRepository, sheetRepository } from "./sheets.ts";
export { type WearerRepository, wearerRepository } from "./wearers.ts";
