import { boneLength } from "../corset/index.ts";
import type { CutBone } from "./cutBone.ts";
import { type PlacedBone, stepMm } from "./placeBones.ts";
import type { BonesWorking } from "./working.ts";

/** A placed bone with the length it is bought in. */
export function cutTo(bone: PlacedBone, working: BonesWorking): CutBone {
  const length = boneLength(bone.channelMm, working.turnedMm ?? 0, stepMm(working));
  return { ...bone, lengthMm: length.ok ? length.value : null };
}
