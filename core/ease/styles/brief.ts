import { STRETCH_SCHOOL_IDS } from "../schools/index.ts";
import { NO_DROPS, overTheHip, rises, side, sidesAt } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A pull-on brief: waist, high hip, hip and two leg edges; its waist must pass the hip. */
export const brief: Style = {
  id: "brief",
  name: "Brief",
  summary: "Pulled on over the hip; no opening.",
  family: "brief",
  zones: ["waist", "highHip", "hip", "leg"],
  measures: ["waist", "high_hip", "hip", "leg_edge", "waist_to_hip", "crotch_front", "crotch_back", "crotch_depth"],
  limits: { ...USUAL_LIMITS, leastStretch: 0.2 },
  pullOn: overTheHip("waist", "highHip"),
  lengths: rises("waist", "highHip", "hip"),
  drops: NO_DROPS,
  schools: STRETCH_SCHOOL_IDS,
  usualDirection: "across",
  seamsTakingChange: { ...sidesAt("waist", "highHip", "hip"), leg: side("side seam") },
  cautions: [],
};
