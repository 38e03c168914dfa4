import { boned } from "./boned.ts";

/** The waist alone. */
export const waistCincher = boned({
  id: "waistCincher",
  name: "Waist cincher",
  summary: "From the ribs to the high hip, boned and laced.",
  zones: ["waist", "highHip"],
  closes: "laced",
});
