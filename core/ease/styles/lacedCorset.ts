import { BONED } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A laced corset: opened to put it on, so nothing is pulled over anything. */
export const lacedCorset: Style = {
  ...BONED,
  id: "lacedCorset",
  name: "Laced corset",
  summary: "Boned and laced; the body gives, not the cloth.",
  measures: [
    "bust",
    "underbust",
    "underbust_inhaled",
    "waist",
    "high_hip",
    "hip",
    "front_waist",
    "back_waist",
    "waist_to_lap",
  ],
  limits: { ...USUAL_LIMITS, mostStretch: 0.05 },
};
