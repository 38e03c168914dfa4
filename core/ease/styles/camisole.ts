import { STRETCH_SCHOOL_IDS } from "../schools/index.ts";
import { BODICE, NO_DROPS, sidesAt } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A camisole: over the head, down to the high hip. */
export const camisole: Style = {
  id: "camisole",
  name: "Camisole",
  summary: "Over the head, down to the high hip.",
  family: "slip",
  zones: ["overbust", "bust", "waist", "highHip"],
  measures: [
    "shoulder_girth",
    "overbust",
    "bust",
    "waist",
    "high_hip",
    "front_waist",
    "back_waist",
    "waist_to_high_hip",
  ],
  limits: { ...USUAL_LIMITS, leastStretch: 0.15 },
  pullOn: [{ ring: "waist", over: ["shoulder_girth", "bust"] }],
  lengths: [
    ...BODICE,
    { id: "below", name: "Waist to hem", segments: [{ code: "waist_to_high_hip", zones: ["waist", "highHip"] }] },
  ],
  drops: NO_DROPS,
  schools: STRETCH_SCHOOL_IDS,
  usualDirection: "across",
  seamsTakingChange: sidesAt("overbust", "bust", "waist", "highHip"),
  cautions: [],
};
