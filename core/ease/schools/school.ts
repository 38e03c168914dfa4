import type { TensionCurve } from "../../cloth/index.ts";
import type { Result } from "../../result.ts";
import type { EaseSettings, Family } from "../settings.ts";
import type { Zone } from "../zones.ts";

/** Schools of this version; adding one is adding a file and a line in the index. */
export type SchoolId = "fixed" | "percent" | "share" | "pressure" | "profile";

/** One girth of a garment that fits, with the body and the cloth it was worn on. */
export interface LikedGirth {
  /** Name of the garment. */
  readonly name: string;
  /** Snug body girth on the sheet nearest to the garment's date, mm. */
  readonly bodyMm: number;
  /** Girth of the garment at rest: its flat width doubled, mm. */
  readonly garmentMm: number;
  /** Usable stretch of its cloth; null where it is not known. */
  readonly usable: number | null;
  /** Tension of its cloth in wear; null or left out where no ladder was pulled. */
  readonly wear?: TensionCurve | null;
}

/** What a school looks at in one zone. Lengths in mm, stretches as ratios. */
export interface SchoolInput {
  readonly zone: Zone;
  readonly family: Family;
  /** Snug body girth, above 0. */
  readonly bodyMm: number;
  /** Usable stretch of the layup round the body, 0 or more. */
  readonly usable: number;
  /** Tension of the layup in wear; null or left out where a layer has no ladder. */
  readonly wear?: TensionCurve | null;
  readonly settings: EaseSettings;
  /** The maker's own cut per quarter, mm, in place of the setting (`fixed`). */
  readonly cutMm?: number;
  /** The maker's own share, in place of the setting (`share`, and the pressure proposed from it). */
  readonly share?: number;
  /** The mean pressure chosen, kPa, in place of what the share school gives (`pressure`). */
  readonly pressureKpa?: number;
  /** Garments that fit (`profile`). */
  readonly liked?: readonly LikedGirth[];
}

/** What a school answers before rounding. */
export interface SchoolGirth {
  /** Garment girth, mm, not yet rounded. */
  readonly exactMm: number;
  /** The one number of habit that decided it: cut per quarter (mm), a reduction, share or strain (ratios), or kPa. */
  readonly habit: number;
  /** `pressure`: true where the maker chose the pressure, false where the share school proposed it. */
  readonly ownHabit?: boolean;
  /** `profile`: what each garment gives, in the order they came. */
  readonly garments?: readonly LikedAnswer[];
}

/** What one garment that fits gives for a zone. */
export interface LikedAnswer {
  readonly name: string;
  /** Girth the new garment would have, mm, not rounded. */
  readonly exactMm: number;
  /** Strain in which the old garment was worn; negative for a loose one. */
  readonly wornStrain: number;
  /** How it was carried over: by equal tension, equal share of stretch, or, where loose, equal ease. */
  readonly by: "tension" | "share" | "ease";
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
