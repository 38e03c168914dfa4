import { isNeckCord, NO_NECK_CORDS, type Opening, type Zone } from "../../ease/index.ts";
import { forbidden, type PartRule } from "./rule.ts";

/** A child’s garment has no free cords at the neck. */
export const childNeck: PartRule = {
  id: "childNeck",
  says: (_choices, { isChild, opens }) =>
    isChild && (Object.entries(opens) as [Zone, Opening][]).some(([zone, how]) => isNeckCord(zone, how))
      ? forbidden(NO_NECK_CORDS)
      : [],
};
