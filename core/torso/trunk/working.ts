import type { TrunkPart } from "../../body/index.ts";
import type { PlacingSchool } from "./trunkLoop.ts";

/** Where the present loop of a trunk comes from. */
export type PresentLoop = "draft" | "chart" | "wrap";

/** What the maker enters to compare a trunk. Lengths in mm; null where not given. */
export interface TrunkWorking {
  readonly school: PlacingSchool;
  readonly from: PresentLoop;
  /** Size of a graded pattern the loop is of. */
  readonly size: string;
  readonly trunkLoop: number | null;
  readonly frontWaist: number | null;
  readonly crotchFront: number | null;
  readonly crotchBack: number | null;
  readonly backWaist: number | null;
  /** How much shorter than its body a graded pattern is drawn, ratio; null where its maker does not say. */
  readonly ownReduction: number | null;
  /** Body wrap the loop is taken from. */
  readonly wrapId: number | null;
  /** Further pieces that lie on front and back, separated by commas: facing, overlay. */
  readonly linked: string;
  /** Amount (mm) at which each linked piece was ticked; ticked anew when the amount changes. */
  readonly ticked: Readonly<Record<string, number>>;
}

/** A trunk before anything is entered. */
export const NEW_TRUNK: TrunkWorking = {
  school: "segments",
  from: "draft",
  size: "",
  trunkLoop: null,
  frontWaist: null,
  crotchFront: null,
  crotchBack: null,
  backWaist: null,
  ownReduction: null,
  wrapId: null,
  linked: "",
  ticked: {},
};

/** Plain words for the parts of the trunk loop. */
export const TRUNK_PART_NAMES: Readonly<Record<TrunkPart, string>> = {
  frontWaist: "Front, shoulder to waist",
  crotchFront: "Front, waist to crotch",
  crotchBack: "Back, crotch to waist",
  backWaist: "Back, waist to nape",
};
