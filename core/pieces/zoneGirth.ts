import { chosenAt, type Wants } from "../calculation/index.ts";
import { roundGirth, type StylePlan, ZONE_MEASURES, ZONE_NAMES, ZONES, type Zone } from "../ease/index.ts";

/** The strain the plan has in a zone; null where it has none. */
export const zoneStrain = (zone: Zone, plan: StylePlan): number | null => chosenAt(plan, zone)?.strain ?? null;

/** A girth G that pieces are drawn to, mm. */
export interface DrawnGirth {
  readonly mm: number;
  /** What is to be said of it; null where the plan has it. */
  readonly note: string | null;
}

/** Zones of the trunk: one of them may lend its strain to another. */
const TRUNK: readonly Zone[] = ZONES.filter((zone) => zone !== "leg" && zone !== "arm");

/**
 * The girth of a zone: as planned; where the style does not plan it, the body there in the strain of the nearest zone that it
 * plans, and that is said. Null where the body was not measured there (`wants` keeps it), or nothing is planned to go by.
 */
export function drawnGirth(zone: Zone, plan: StylePlan, wants: Wants): DrawnGirth | null {
  const planned = chosenAt(plan, zone)?.garmentMm;
  if (planned !== undefined) return { mm: planned, note: null };
  const at = TRUNK.indexOf(zone);
  if (at === -1 || plan.zones.some((one) => one.zone === zone)) return null;
  const [nearest] = TRUNK.filter((other) => zoneStrain(other, plan) !== null).toSorted(
    (a, b) => Math.abs(TRUNK.indexOf(a) - at) - Math.abs(TRUNK.indexOf(b) - at),
  );
  if (!nearest) return null;
  const bodyMm = wants.girth(ZONE_MEASURES[zone]);
  if (bodyMm === null) return null;
  const [name, lender] = [ZONE_NAMES[zone].toLowerCase(), ZONE_NAMES[nearest].toLowerCase()];
  return {
    mm: roundGirth(bodyMm / (1 + (zoneStrain(nearest, plan) ?? 0))),
    note: `This style plans no ${name}: it is drawn in the strain of the ${lender}.`,
  };
}
