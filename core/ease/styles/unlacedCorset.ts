import { BODICE, NO_DROPS, sidesAt } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A boned bodice with a zip or hooks: opened to put it on, so nothing is pulled over anything. */
export const unlacedCorset: Style = {
  id: "unlacedCorset",
  name: "Boned bodice, not laced",
  summary: "Boned, closed with a zip or hooks.",
  family: "slip",
  zones: ["bust", "underbust", "waist", "highHip", "hip"],
  measures: ["bust", "underbust", "underbust_inhaled", "waist", "high_hip", "hip", "front_waist", "back_waist"],
  limits: { ...USUAL_LIMITS, mostStretch: 0.05 },
  pullOn: [],
  lengths: BODICE,
  drops: NO_DROPS,
  schools: ["fixed"],
  usualDirection: "across",
  seamsTakingChange: sidesAt("bust", "underbust", "waist", "highHip", "hip"),
  cautions: [
    "Corset rules (reduction, lacing, bones) are not in this plan yet: it is planned by the fixed cut, which adds ease for stable cloth.",
    "Not in pregnancy, not for sleeping, not for children; with conditions of lung, heart, gut, spine or circulation ask a clinician first. Pain, numbness, tingling, breathlessness, faintness, heartburn: loosen at once.",
  ],
};
