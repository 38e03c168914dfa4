import { boned } from "./boned.ts";

/** A boned bodice with a zip: opened to put it on, closed edge to edge. */
export const unlacedCorset = boned({
  id: "unlacedCorset",
  name: "Boned bodice with a zip",
  summary: "Boned, not laced, closed edge to edge.",
  zones: ["bust", "underbust", "waist", "highHip", "hip"],
  closes: "zip",
});
