import { ok } from "../../result.ts";
import type { EaseSettings } from "../settings.ts";
import { readStraightLine } from "../straightLine.ts";
import { notTestedAlong } from "./lengthStrain.ts";
import type { School } from "./school.ts";
import { stableFloorMm } from "./stableFloor.ts";
import { habitTerm, usableTerm } from "./terms.ts";

/** The reduction r for a usable stretch, from the table of the settings. */
export const reductionFor = (usable: number, settings: EaseSettings): number =>
  readStraightLine(settings.percentTable, usable);

/** Straight reduction: `G = B (1 − r(s))`. */
export const percentSchool: School = {
  id: "percent",
  name: "Straight reduction",
  summary: "A per cent of the body, more for cloth that stretches more.",
  blindTo: "Blind to the zone: waist and hip lose the same per cent.",
  formula: "G = B · (1 − r)",
  girth(input) {
    const reduction = reductionFor(input.usable, input.settings);
    return ok({ exactMm: Math.max(input.bodyMm * (1 - reduction), stableFloorMm(input)), habit: reduction });
  },
  heldByStableCloth: true,
  drawsIn: false,
  goesByLiked: false,
  lengthStrain({ usableAlong, settings }) {
    if (usableAlong === null) return notTestedAlong();
    const reduction = settings.lengthPartOfReduction * reductionFor(usableAlong, settings);
    return ok(reduction / (1 - reduction));
  },
  terms: (input) => [
    habitTerm("r", "reduction, read from the table at this stretch", "ratio", input),
    usableTerm(input),
  ],
};
