import { STRETCH_SCHOOL_IDS } from "../schools/index.ts";
import { NO_DROPS, rises, side, sidesAt, TRUNK } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A one-piece swimsuit, stepped into: everything goes over the hip, and the top over the shoulders. */
export const onePiece: Style = {
  id: "onePiece",
  name: "One-piece swimsuit",
  summary: "From shoulder to crotch; stepped into.",
  family: "swim",
  zones: ["overbust", "bust", "underbust", "waist", "highHip", "hip", "leg"],
  measures: [
    "shoulder_girth",
    "overbust",
    "bust",
    "underbust",
    "waist",
    "high_hip",
    "hip",
    "leg_edge",
    "trunk_loop",
    "front_waist",
    "back_waist",
    "crotch_front",
    "crotch_back",
    "waist_to_hip",
  ],
  limits: { ...USUAL_LIMITS, leastStretch: 0.45, leastStretchAlong: 0.3 },
  pullOn: [
    { ring: "overbust", over: ["hip", "shoulder_girth"], edge: true },
    { ring: "underbust", over: ["hip"] },
    { ring: "waist", over: ["hip"] },
    { ring: "highHip", over: ["hip"] },
  ],
  lengths: [TRUNK, ...rises("waist", "highHip", "hip")],
  drops: NO_DROPS,
  schools: STRETCH_SCHOOL_IDS,
  usualDirection: "across",
  seamsTakingChange: {
    ...sidesAt("overbust", "bust", "underbust", "waist", "highHip", "hip"),
    leg: side("side seam"),
  },
  cautions: ["Ties and halters can slip or catch. Dark thin cloth can turn sheer when wet and stretched: test it wet."],
};
