import { type StretchClass, stretchClassOf } from "../../cloth/index.ts";
import { ZONE_NAMES } from "../../ease/index.ts";
import type { Finding } from "../fitting.ts";
import { findingKindOf } from "./kinds/index.ts";
import type { SpotId } from "./spot.ts";
import { spotOf } from "./spots.ts";

/** What makers also call a spot. */
const ALSO: Readonly<Partial<Record<SpotId, string>>> = {
  smallOfBack: "sway back swayback hollow lumbar",
  leg: "leg line opening",
  underbust: "band rib empire",
  underBustFront: "empire",
  seat: "bottom behind",
  neckline: "neck",
  armhole: "underarm arm hole",
  underarm: "armpit arm hole",
  sideOfBust: "side bust breast",
  backEdge: "back neckline",
  bustPoint: "apex nipple",
  topEdge: "top waistband waist edge",
  legFront: "leg line opening",
  legBack: "leg line opening seat",
  gore: "gore centre bridge float",
  wing: "band side back",
  cupLower: "lower cup under",
};

/** What makers also call a stretch class. */
const CLASS_ALSO: Readonly<Record<StretchClass, string>> = {
  stable: "firm rigid",
  light: "firm",
  moderate: "soft",
  high: "soft stretchy",
  power: "stretchy elastic",
};

/** The cloth a finding was made in. */
export interface FoundIn {
  /** Its name, those of every layer, and what the layup is called. */
  readonly clothNames: readonly string[];
  readonly clothKind: string;
  readonly usable: number;
}

/** Words nobody writes, that stand for a kind and a spot: so the word index alone answers a search for both and words. */
export const kindTerm = (kind: Finding["kind"]): string => `${kind.replaceAll("_", "")}kind`;
export const spotTerm = (spot: SpotId): string => `${spot}spot`;

/** The words a finding is searched by: its kind, its spot and what else that is called, side, cloth, what it asked for, note. */
export function findingWords(
  { kind, spot, zone, side, note, detail }: Pick<Finding, "kind" | "spot" | "zone" | "side" | "note" | "detail">,
  { clothNames, clothKind, usable }: FoundIn,
): string {
  return [
    findingKindOf(kind).name,
    spotOf(spot).name,
    ALSO[spot] ?? "",
    ZONE_NAMES[zone],
    side === "both" ? "" : side,
    ...clothNames,
    clothKind,
    stretchClassOf(usable),
    CLASS_ALSO[stretchClassOf(usable)],
    ...Object.values(detail).filter((value) => typeof value === "string"),
    kindTerm(kind),
    spotTerm(spot),
    note,
  ]
    .filter((words) => words !== "")
    .join(" ");
}
