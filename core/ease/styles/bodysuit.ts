import { STRETCH_SCHOOL_IDS } from "../schools/index.ts";
import { NO_DROPS, rises, side, sidesAt, TRUNK } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A bodysuit: shoulder to crotch in soft cloth, often with sleeves and an opening at the crotch. */
export const bodysuit: Style = {
  id: "bodysuit",
  name: "Bodysuit",
  summary: "From shoulder to crotch, with sleeves.",
  family: "slip",
  zones: ["overbust", "bust", "waist", "highHip", "hip", "leg", "arm"],
  measures: [
    "shoulder_girth",
    "overbust",
    "bust",
    "waist",
    "high_hip",
    "hip",
    "leg_edge",
    "upper_arm",
    "trunk_loop",
    "front_waist",
    "back_waist",
    "crotch_front",
    "crotch_back",
    "waist_to_hip",
  ],
  limits: { ...USUAL_LIMITS, leastStretch: 0.3, leastStretchAlong: 0.2 },
  pullOn: [
    { ring: "overbust", over: ["shoulder_girth", "hip"], either: true },
    { ring: "waist", over: ["shoulder_girth", "hip"], either: true },
  ],
  lengths: [TRUNK, ...rises("waist", "highHip", "hip")],
  drops: NO_DROPS,
  schools: STRETCH_SCHOOL_IDS,
  usualDirection: "across",
  seamsTakingChange: {
    ...sidesAt("overbust", "bust", "waist", "highHip", "hip"),
    leg: side("side seam"),
    arm: side("sleeve seam"),
  },
  cautions: [],
};
