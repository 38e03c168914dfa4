import type { Result } from "../../result.ts";
import type { EaseSettings, Family } from "../settings.ts";
import type { Zone } from "../zones.ts";

/** Schools of this version; adding one is adding a file and a line in the index. */
export type SchoolId = "fixed" | "percent" | "share";

/** What a school looks at in one zone. Lengths in mm, stretches as ratios. */
export interface SchoolInput {
  readonly zone: Zone;
  readonly family: Family;
  /** Snug body girth, above 0. */
  readonly bodyMm: number;
  /** Usable stretch of the layup round the body, 0 or more. */
  readonly usable: number;
  readonly settings: EaseSettings;
  /** The maker's own cut per quarter, mm, in place of the setting (`fixed`). */
  readonly cutMm?: number;
  /** The maker's own share, in place of the setting (`share`). */
  readonly share?: number;
}

/** What a school answers before rounding. */
export interface SchoolGirth {
  /** Garment girth, mm, not yet rounded. */
  readonly exactMm: number;
  /** The one number of habit that decided it: cut per quarter (mm), reduction or share (ratios). */
  readonly habit: number;
}

/** One school of planning ease. */
export interface School {
  readonly id: SchoolId;
  readonly name: string;
  /** What it does, in one line for the maker. */
  readonly summary: string;
  /** Why another school may answer differently. */
  readonly blindTo: string;
  readonly formula: string;
  girth(input: SchoolInput): Result<SchoolGirth>;
}
