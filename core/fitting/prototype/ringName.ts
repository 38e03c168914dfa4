import { ZONE_NAMES } from "../../ease/index.ts";
import type { RingId } from "./rings.ts";

/** Plain name of a ring: `Waist`, `Leg, left`. */
export const ringName = ({ zone, side }: RingId): string =>
  side === "single" ? ZONE_NAMES[zone] : `${ZONE_NAMES[zone]}, ${side}`;
