import { leavesNeckCords, NO_NECK_CORDS } from "../../ease/index.ts";
import { forbidden, type PartRule } from "./rule.ts";

/** A child’s garment has no free cords at the neck. */
export const childNeck: PartRule = {
  id: "childNeck",
  says: (_choices, { isChild, opens }) => (isChild && leavesNeckCords(opens) ? forbidden(NO_NECK_CORDS) : []),
};
