export { type BodyWrapRepository, bodyWrapRepository } from "./bodyWraps.ts";
export { type Erased, eraseRemovedJobs, eraseWearer, finishScrub } from "./erasure.ts";
export { type LikedGarmentRepository, likedGarmentRepository } from "./likedGarments.ts";
export { type SheetRepository, sheetRepository } from "./sheets.ts";
export { type WearerRepository, wearerRepository } from "./wearers.ts";
