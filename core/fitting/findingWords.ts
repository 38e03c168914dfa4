import { stretchClassOf } from "../cloth/stretchClass.ts";
import { ZONE_NAMES } from "../ease/zones.ts";
import { findingKindOf } from "./findings/index.ts";
import type { Finding } from "./fitting.ts";
import { type SpotId, spotOf } from "./spots.ts";

/** What makers also call a spot. */
const ALSO: Readonly<Partial<Record<SpotId, string>>> = {
  smallOfBack: "sway back hollow lumbar",
  leg: "leg line opening",
  underbust: "band rib",
  seat: "bottom behind",
  neckline: "neck",
  armhole: "underarm arm hole",
  backEdge: "back neckline",
  bustPoint: "apex nipple",
};

/** The cloth a finding was made in. */
export interface FoundIn {
  readonly clothName: string;
  readonly clothKind: string;
  readonly usable: number;
}

/** Words nobody writes, that stand for a kind and a spot: so the word index alone answers a search for both and words. */
export const kindTerm = (kind: Finding["kind"]): string => `${kind.replaceAll("_", "")}kind`;
export const spotTerm = (spot: SpotId): string => `${spot}spot`;

/** The words a finding is searched by: its kind, its spot and what else that is called, side, cloth, and the note. */
export function findingWords(
  { kind, spot, zone, side, note }: Pick<Finding, "kind" | "spot" | "zone" | "side" | "note">,
  { clothName, clothKind, usable }: FoundIn,
): string {
  return [
    findingKindOf(kind).name,
    spotOf(spot).name,
    ALSO[spot] ?? "",
    ZONE_NAMES[zone],
    side === "both" ? "" : side,
    clothName,
    clothKind,
    stretchClassOf(usable),
    kindTerm(kind),
    spotTerm(spot),
    note,
  ]
    .filter((words) => words !== "")
    .join(" ");
}
