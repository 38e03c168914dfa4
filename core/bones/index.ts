export type { BonesFacts } from "./bonesFacts.ts";
export { bonesCalculation } from "./calculation.ts";
export { withChannels } from "./channels.ts";
export type { CutBone } from "./cutBone.ts";
export { placeRows } from "./eyelets.ts";
export { BONE_KINDS, type BoneKind, type PlacedBone, placeBones } from "./placeBones.ts";
export type { BonesReckoning, BoneToBuy, ClosingMark } from "./reckonBones.ts";
export { type BonesWorking, NEW_BONES } from "./working.ts";
export { zipEnd } from "./zipLength.ts";
