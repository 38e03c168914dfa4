import type { Style } from "./style.ts";

/** A pull-on brief: waist, high hip, hip and two leg edges; its waist must pass the hip. */
export const brief: Style = {
  id: "brief",
  name: "Brief",
  summary: "Pulled on over the hip; no opening.",
  family: "brief",
  zones: ["waist", "highHip", "hip", "leg"],
  measures: ["waist", "high_hip", "hip", "leg_edge", "waist_to_hip", "crotch_front", "crotch_back", "crotch_depth"],
  leastStretch: 0.2,
  pullOn: [
    { ring: "waist", over: "hip" },
    { ring: "highHip", over: "hip" },
  ],
  usualDirection: "across",
  seamsTakingChange: {
    waist: { count: 2, name: "side seams" },
    highHip: { count: 2, name: "side seams" },
    hip: { count: 2, name: "side seams" },
    leg: { count: 1, name: "side seam" },
  },
};
