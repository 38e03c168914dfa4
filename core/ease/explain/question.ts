import type { SchoolId } from "../schools/school.ts";
import type { Zone } from "../zones.ts";
import type { EaseNumber } from "./numbers.ts";

/** What an explanation names as the sources of its numbers. */
export interface EaseSources {
  /** For example `sheet of 3 March 2026`. */
  readonly sheet: string;
  /** For example `hand test across, 12 March 2026`. */
  readonly test: string;
  /** Where the tension in wear comes from: the way back, or a part of the loading curve. */
  readonly wear: string;
  /** For example `settings as shipped`. */
  readonly settings: string;
  readonly usable: number;
  readonly recovery: number | null;
}

/** Whose girth a number follows from: a school's, or the one chosen for the zone. */
export type EaseColumn = SchoolId | "chosen";

/** Which number of which zone and school is asked about. */
export interface EaseQuestion {
  readonly number: EaseNumber;
  readonly zone: Zone;
  readonly school: EaseColumn;
}
