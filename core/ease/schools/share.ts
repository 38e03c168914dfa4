import { fail, ok, type Result } from "../../result.ts";
import { FAMILY_NAMES } from "../settings.ts";
import { ZONE_NAMES } from "../zones.ts";
import { shareAlong } from "./lengthStrain.ts";
import type { School, SchoolInput } from "./school.ts";
import { stableFloorMm } from "./stableFloor.ts";
import { habitTerm, usableTerm } from "./terms.ts";

/** The share u for a zone: the maker's own, else the family's. Problem: `no-share-for-zone`. */
export function shareFor({ share, settings, family, zone }: SchoolInput): Result<number> {
  const known = share ?? settings.shares[family][zone];
  if (known !== undefined) return ok(known);
  const where = ZONE_NAMES[zone].toLowerCase();
  return fail("no-share-for-zone", `The family “${FAMILY_NAMES[family]}” has no share for the ${where}; give one.`);
}

/** Share of stretch: a fixed share u of the usable stretch, `ε = u s`, `G = B/(1 + u s)`. */
export const shareSchool: School = {
  id: "share",
  name: "Share of stretch",
  summary: "A share of what this cloth can stretch, by zone.",
  blindTo: "Blind to how hard the cloth pulls.",
  formula: "G = B / (1 + u · s)",
  girth(input) {
    const share = shareFor(input);
    if (!share.ok) return share;
    const exact = input.bodyMm / (1 + share.value * input.usable);
    return ok({ exactMm: Math.max(exact, stableFloorMm(input)), habit: share.value });
  },
  heldByStableCloth: true,
  drawsIn: true,
  goesByLiked: false,
  lengthStrain: shareAlong,
  terms: (input) => [
    habitTerm("u", `share of the usable stretch used at the ${input.zone}`, "ratio", input),
    usableTerm(input),
  ],
};
