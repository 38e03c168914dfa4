import { BONED } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A boned bodice with a zip or hooks: opened to put it on, so nothing is pulled over anything. */
export const unlacedCorset: Style = {
  ...BONED,
  id: "unlacedCorset",
  name: "Boned bodice, not laced",
  summary: "Boned, closed with a zip or hooks.",
  measures: ["bust", "underbust", "underbust_inhaled", "waist", "high_hip", "hip", "front_waist", "back_waist"],
  limits: { ...USUAL_LIMITS, mostStretch: 0.05 },
};
