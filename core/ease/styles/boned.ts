import type { MeasureCode } from "../../body/index.ts";
import { ZONE_MEASURES, type Zone } from "../zones.ts";
import { BODICE, NO_DROPS } from "./parts.ts";
import { type Style, type StyleLength, USUAL_LIMITS } from "./style.ts";

/** Levels of a boned garment from the top down, and the height from each to the next by the names of the sheet. */
const HEIGHTS_BETWEEN: readonly (readonly [above: Zone, height: string])[] = [
  ["bust", "bust_underbust"],
  ["underbust", "underbust_mid_rib"],
  ["waist", "waist_high_hip"],
  ["hip", "high_hip_hip"],
];

/** How deep a neckline may go: until it is measured, a front ends where fronts usually do. */
const NECKLINE: readonly MeasureCode[] = ["neck_to_front_edge", "front_neck_to_waist"];

/** Heights between the levels of these zones, at three places. The mid-rib lies above every waist. */
const heightsOf = (zones: readonly Zone[]): MeasureCode[] =>
  [...HEIGHTS_BETWEEN.filter(([zone]) => zones.includes(zone)).map(([, height]) => height), "mid_rib_waist"].flatMap(
    (height) => (["front", "side", "back"] as const).map((place) => `height_${height}_${place}` as MeasureCode),
  );

/** Eight seams between the panels, four a side, take a girth change of a boned garment. */
const PANEL_SEAMS = { count: 8, name: "panel seams" } as const;

/** A boned garment over these zones: the body gives, not the cloth. */
export function boned(
  own: Pick<Style, "id" | "name" | "summary"> & {
    readonly zones: readonly Zone[];
    readonly closes: NonNullable<Style["closes"]>;
    readonly more?: readonly MeasureCode[];
    readonly lengths?: readonly StyleLength[];
  },
): Style {
  const { zones, more = [], lengths = zones.includes("bust") ? BODICE : [], ...named } = own;
  const ribs: readonly MeasureCode[] = zones.includes("underbust") ? ["underbust_inhaled", "cinched_underbust"] : [];
  const above: readonly MeasureCode[] = zones.includes("bust") ? ["front_waist", "back_waist", ...NECKLINE] : [];
  return {
    ...named,
    zones,
    lengths,
    family: "boned",
    measures: [
      ...new Set([
        ...zones.map((zone) => ZONE_MEASURES[zone]),
        ...ribs,
        ...above,
        ...(["mid_rib", "cinched_waist", "waist_seated", "waist_to_lap"] as const),
        ...heightsOf(zones),
        ...more,
      ]),
    ],
    ...(above.length > 0 ? { beginsWithout: NECKLINE } : {}),
    limits: { ...USUAL_LIMITS, mostStretch: 0.05 },
    pullOn: [],
    drops: NO_DROPS,
    schools: ["closed"],
    usualDirection: "across",
    seamsTakingChange: Object.fromEntries(zones.map((zone) => [zone, PANEL_SEAMS])),
    cautions: [
      "Not in pregnancy, not for sleeping, not for children; with conditions of lung, heart, gut, spine or circulation ask a clinician first.",
      "Pain, numbness, tingling, breathlessness, faintness, heartburn: loosen at once.",
    ],
  };
}
