import type { CorsetLevel } from "../../level.ts";
import type { Experience } from "../experience.ts";

/** Schools of making a boned garment smaller than the body, or not. */
export type ReductionSchoolId = "mm" | "percent" | "ease";

/** What a school looks at for the waist. */
export interface WaistInput {
  /** Body, standing and relaxed, mm, above 0. */
  readonly bodyMm: number;
  /** The maker's own: millimetres, a part, or the ease in millimetres; left out where the usual is taken. */
  readonly amount?: number;
  readonly experience: Experience;
}

/** One school. Adding one is adding a file and a line in the index. */
export interface ReductionSchool {
  readonly id: ReductionSchoolId;
  readonly name: string;
  readonly summary: string;
  /** What its amount is, and from where to where it may be. */
  readonly amount: {
    readonly name: string;
    readonly unit: "length" | "percent";
    readonly least: number;
    readonly most: number;
  };
  /** True where it makes the body smaller; else it only holds, and no breath is taken off at the underbust. */
  readonly reduces: boolean;
  /** The amount taken where none is typed. */
  usual(input: Omit<WaistInput, "amount">): number;
  /** The closed waist, mm. */
  readonly formula: string;
  waistMm(bodyMm: number, amount: number): number;
  /** Added at levels that the school decides beside the waist, mm. */
  readonly adds: Readonly<Partial<Record<CorsetLevel, number>>>;
  /** Over this much above the body at the waist the bones carry nothing, mm. */
  readonly loosestMm: number;
}
