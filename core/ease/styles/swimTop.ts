import { STRETCH_SCHOOL_IDS } from "../schools/index.ts";
import { NO_DROPS, sidesAt } from "./parts.ts";
import { type Style, USUAL_LIMITS } from "./style.ts";

/** A swim top that is pulled on, or tied. */
export const swimTop: Style = {
  id: "swimTop",
  name: "Swim top",
  summary: "Pulled on over the head or from below, or tied.",
  family: "swim",
  zones: ["overbust", "bust", "underbust"],
  measures: ["shoulder_girth", "overbust", "bust", "underbust", "hip", "shoulder_to_underbust"],
  limits: { ...USUAL_LIMITS, leastStretch: 0.4 },
  pullOn: [{ ring: "underbust", over: ["shoulder_girth", "hip"], either: true, edge: true }],
  lengths: [
    {
      id: "depth",
      name: "Front, shoulder to underbust",
      segments: [{ code: "shoulder_to_underbust", zones: ["overbust", "bust"] }],
    },
  ],
  drops: NO_DROPS,
  schools: STRETCH_SCHOOL_IDS,
  usualDirection: "across",
  seamsTakingChange: sidesAt("overbust", "bust", "underbust"),
  cautions: [
    "Ties and halters can slip or catch: no free cords at the neck for a child; follow the local code.",
    "Dark thin cloth can turn sheer when wet and stretched: test it wet.",
  ],
};
