import type { MeasureCode } from "../body/index.ts";

/** A level of the body at which a garment is judged, from the top down; arm and leg stand last. */
export type Zone = "overbust" | "bust" | "underbust" | "waist" | "highHip" | "hip" | "leg" | "arm";

/** All zones in body order. */
export const ZONES: readonly Zone[] = ["overbust", "bust", "underbust", "waist", "highHip", "hip", "leg", "arm"];

/** The plain word for each zone. */
export const ZONE_NAMES: Readonly<Record<Zone, string>> = {
  overbust: "Overbust",
  bust: "Bust",
  underbust: "Underbust",
  waist: "Waist",
  highHip: "High hip",
  hip: "Hip",
  leg: "Leg",
  arm: "Arm",
};

/** The girth a zone is planned from. */
export const ZONE_MEASURES: Readonly<Record<Zone, MeasureCode>> = {
  overbust: "overbust",
  bust: "bust",
  underbust: "underbust",
  waist: "waist",
  highHip: "high_hip",
  hip: "hip",
  leg: "leg_edge",
  arm: "upper_arm",
};

/** True for a text that names a zone. */
export const isZone = (text: string): text is Zone => (ZONES as readonly string[]).includes(text);
