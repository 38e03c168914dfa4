import { STRETCH_SCHOOL_IDS } from "../schools/index.ts";
import { NO_DROPS, STRAP, sidesAt } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A soft bra without wires: pulled on over the shoulders or stepped into, or closed at the back. */
export const softBra: Style = {
  id: "softBra",
  name: "Soft bra",
  summary: "No wires; pulled on over the head or from below.",
  family: "softBra",
  zones: ["overbust", "bust", "underbust"],
  measures: [
    "shoulder_girth",
    "overbust",
    "bust",
    "underbust",
    "hip",
    "shoulder_to_underbust",
    "strap_front",
    "strap_back",
  ],
  limits: { ...USUAL_LIMITS, leastStretch: 0.3 },
  pullOn: [{ ring: "underbust", over: ["shoulder_girth", "hip"], either: true, edge: true }],
  lengths: [
    {
      id: "depth",
      name: "Front, shoulder to underbust",
      segments: [{ code: "shoulder_to_underbust", zones: ["overbust", "bust"] }],
    },
    STRAP,
  ],
  drops: NO_DROPS,
  schools: STRETCH_SCHOOL_IDS,
  usualDirection: "across",
  seamsTakingChange: sidesAt("overbust", "bust", "underbust"),
  cautions: ["After breast surgery or during nursing follow clinical advice."],
};
