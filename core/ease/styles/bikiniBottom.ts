import { STRETCH_SCHOOL_IDS } from "../schools/index.ts";
import { overTheHip, rises, side, sidesAt } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A swim bottom that sits below the waist: high hip, hip and two leg edges. */
export const bikiniBottom: Style = {
  id: "bikiniBottom",
  name: "Bikini bottom",
  summary: "Swim bottom that sits at the high hip.",
  family: "swim",
  zones: ["highHip", "hip", "leg"],
  measures: ["high_hip", "hip", "leg_edge", "waist_to_high_hip", "waist_to_hip", "crotch_front", "crotch_back"],
  limits: { ...USUAL_LIMITS, leastStretch: 0.3, leastStretchAlong: 0.15 },
  pullOn: overTheHip("highHip"),
  lengths: rises("highHip", "hip"),
  drops: { front: 80, back: 60, side: 70 },
  schools: STRETCH_SCHOOL_IDS,
  usualDirection: "across",
  seamsTakingChange: { ...sidesAt("highHip", "hip"), leg: side("side seam") },
  cautions: ["Dark thin cloth can turn sheer when wet and stretched: test it wet."],
};
