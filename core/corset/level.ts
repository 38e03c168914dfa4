import type { MeasureCode } from "../body/index.ts";
import type { Zone } from "../ease/index.ts";

/** A level of a boned garment, from the top down. The lower edge lies at the hip, or above it where the maker says so. */
export type CorsetLevel = "bust" | "underbust" | "midRib" | "waist" | "highHip" | "lowerEdge";

/** All levels from the top down, with what they are called. */
export const CORSET_LEVELS: readonly CorsetLevel[] = ["bust", "underbust", "midRib", "waist", "highHip", "lowerEdge"];

/** The plain word for each level. */
export const CORSET_LEVEL_NAMES: Readonly<Record<CorsetLevel, string>> = {
  bust: "Bust",
  underbust: "Underbust",
  midRib: "Mid-rib",
  waist: "Waist",
  highHip: "High hip",
  lowerEdge: "Lower edge",
};

/** The girth a level is planned from, on a body standing and relaxed. */
export const CORSET_LEVEL_MEASURES: Readonly<Record<CorsetLevel, MeasureCode>> = {
  bust: "bust",
  underbust: "underbust",
  midRib: "mid_rib",
  waist: "waist",
  highHip: "high_hip",
  lowerEdge: "hip",
};

/** The zone of the ease plan that lies at a level; none at the mid-rib, which no other garment is planned at. */
export const CORSET_LEVEL_ZONES: Readonly<Partial<Record<CorsetLevel, Zone>>> = {
  bust: "bust",
  underbust: "underbust",
  waist: "waist",
  highHip: "highHip",
  lowerEdge: "hip",
};

/** Where heights between levels are taken. */
export type HeightPlace = "front" | "side" | "back";

/** The three places. */
export const HEIGHT_PLACES: readonly HeightPlace[] = ["front", "side", "back"];

/** From the level above to this one, by the names of the heights of a sheet; none above the bust. */
const STEP_OF: Readonly<Record<CorsetLevel, string | null>> = {
  bust: null,
  underbust: "bust_underbust",
  midRib: "underbust_mid_rib",
  waist: "mid_rib_waist",
  highHip: "waist_high_hip",
  lowerEdge: "high_hip_hip",
};

/** The height from the level above down to a level, at a place; null above the bust. */
export const heightCode = (level: CorsetLevel, place: HeightPlace): MeasureCode | null => {
  const step = STEP_OF[level];
  return step === null ? null : (`height_${step}_${place}` as MeasureCode);
};
