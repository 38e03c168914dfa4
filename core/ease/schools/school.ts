import type { TensionCurve } from "../../cloth/index.ts";
import type { Term } from "../../explain/index.ts";
import type { Problem, Result } from "../../result.ts";
import type { EaseSettings, Family } from "../settings.ts";
import type { Zone } from "../zones.ts";

/** Schools of this version; adding one is adding a file and a line in the index. */
export type SchoolId = "fixed" | "percent" | "share" | "pressure" | "profile" | "closed";

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
  /** What a boned garment closes to, mm (`closed`). */
  readonly closedMm?: number;
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

/** What a school looks at for the strain along the body. */
export interface SchoolLengthInput {
  readonly family: Family;
  /** Usable stretch along the length; null where that direction was not tested. */
  readonly usableAlong: number | null;
  readonly settings: EaseSettings;
}

/** What the terms behind a girth are named by. */
export interface SchoolTermInput {
  /** Name of the zone within a sentence. */
  readonly zone: string;
  readonly bodyMm: number;
  readonly girth: SchoolGirth;
  readonly sources: {
    readonly usable: number;
    readonly test: string;
    readonly wear: string;
    readonly settings: string;
  };
}

/** One school of planning ease. Whatever it does in its own way stands here: nobody asks for a school by its id. */
export interface School {
  readonly id: SchoolId;
  readonly name: string;
  /** What it does, in one line for the maker. */
  readonly summary: string;
  /** Why another school may answer differently. */
  readonly blindTo: string;
  readonly formula: string;
  girth(input: SchoolInput): Result<SchoolGirth>;
  /** True where a stable cloth holds it to the fixed cut. */
  readonly heldByStableCloth: boolean;
  /** True where stretch round the body draws its lengths in; rules of experience take none. */
  readonly drawsIn: boolean;
  /** True where it goes by garments that fit, which take a while to read. */
  readonly goesByLiked: boolean;
  /**
   * The strain intended along the body. Problem: `no-test-along` where it looks at the stretch along the body and that
   * direction was not tested.
   */
  lengthStrain(input: SchoolLengthInput): Result<number>;
  /** Why it proposes nothing in a zone though it could; null where it has nothing against it. */
  declines?(input: SchoolInput): { readonly ok: false; readonly problem: Problem } | null;
  /** The terms of its formula beside the body. */
  terms(input: SchoolTermInput): Term[];
  /** What is to be known of one of its girths. */
  notes?(girth: SchoolGirth): string[];
}
