import type { Opening } from "./pullOn.ts";
import type { Zone } from "./zones.ts";

/** Openings that are free cords. */
const CORDS: readonly Opening[] = ["ties", "lacing"];

/** Above this a garment is held at the neck. */
const AT_THE_NECK: Zone = "overbust";

/** True for openings that leave free cords at the neck. */
export function leavesNeckCords(opens: Readonly<Partial<Record<Zone, Opening>>>): boolean {
  const how = opens[AT_THE_NECK];
  return how !== undefined && CORDS.includes(how);
}

/** Why none is taken for a child. */
export const NO_NECK_CORDS =
  "Expected no ties or cords at the neck of a child: free cords there can catch and strangle. Choose a hook that gives way, or no opening there, and follow the local code for children’s clothes.";
