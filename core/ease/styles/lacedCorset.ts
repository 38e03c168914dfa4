import { BODICE, NO_DROPS, sidesAt } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A laced corset: opened to put it on, so nothing is pulled over anything. */
export const lacedCorset: Style = {
  id: "lacedCorset",
  name: "Laced corset",
  summary: "Boned and laced; the body gives, not the cloth.",
  family: "slip",
  zones: ["bust", "underbust", "waist", "highHip", "hip"],
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
