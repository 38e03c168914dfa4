import { STRETCH_SCHOOL_IDS } from "../schools/index.ts";
import { BODICE, NO_DROPS, SKIRT, sidesAt } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A slip: over the head, past the hip. */
export const slip: Style = {
  id: "slip",
  name: "Slip",
  summary: "Over the head, down past the hip; often on the bias.",
  family: "slip",
  zones: ["overbust", "bust", "waist", "hip"],
  measures: [
    "shoulder_girth",
    "overbust",
    "bust",
    "waist",
    "hip",
    "front_waist",
    "back_waist",
    "skirt_front",
    "skirt_side",
    "skirt_back",
  ],
  limits: { ...USUAL_LIMITS, leastStretch: 0.1 },
  pullOn: [{ ring: "waist", over: ["shoulder_girth", "bust"] }],
  lengths: [...BODICE, ...SKIRT],
  drops: NO_DROPS,
  schools: STRETCH_SCHOOL_IDS,
  usualDirection: "bias",
  seamsTakingChange: sidesAt("overbust", "bust", "waist", "hip"),
  cautions: ["Cloth on the bias grows under its own weight: hang it 24 h before hemming."],
};
