import type { SchoolId } from "./schools/school.ts";
import type { Zone } from "./zones.ts";

/** What was chosen for one zone in place of the job's school: another school, or a girth of the maker's own. */
export type ZoneChoice = { readonly by: SchoolId } | { readonly by: "own"; readonly garmentMm: number };

/** What a maker chose for a job. */
export interface EaseChoice {
  /** The school of all zones without a choice of their own; null until there is one. */
  readonly school: SchoolId | null;
  readonly zones: Readonly<Partial<Record<Zone, ZoneChoice>>>;
  /** Mean pressures chosen for the pressure school, kPa, in place of what it would start from. */
  readonly pressuresKpa: Readonly<Partial<Record<Zone, number>>>;
}

/** Nothing chosen yet. */
export const NOTHING_CHOSEN: EaseChoice = { school: null, zones: {}, pressuresKpa: {} };

/** What rules a zone: its own choice, else the job's school; null while there is neither. */
export const choiceFor = ({ school, zones }: EaseChoice, zone: Zone): ZoneChoice | null =>
  zones[zone] ?? (school ? { by: school } : null);
