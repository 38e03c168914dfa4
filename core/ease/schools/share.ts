import { fail, ok } from "../../result.ts";
import { ZONE_NAMES } from "../zones.ts";
import type { School } from "./school.ts";
import { stableFloorMm } from "./stableFloor.ts";

/** Share of stretch: a fixed share u of the usable stretch, `ε = u s`, `G = B/(1 + u s)`. */
export const shareSchool: School = {
  id: "share",
  name: "Share of stretch",
  summary: "A share of what this cloth can stretch, by zone.",
  blindTo: "Blind to how hard the cloth pulls.",
  formula: "G = B / (1 + u · s)",
  girth(input) {
    const share = input.share ?? input.settings.shares[input.family][input.zone];
    if (share === undefined) {
      return fail(
        "no-share-for-zone",
        `The ${input.family} family has no share for the zone ${ZONE_NAMES[input.zone].toLowerCase()}; give one.`,
      );
    }
    const exact = input.bodyMm / (1 + share * input.usable);
    return ok({ exactMm: Math.max(exact, stableFloorMm(input)), habit: share });
  },
};
