import { boned } from "./boned.ts";

/** From under the bust down to the hip. */
export const underbustCorset = boned({
  id: "underbustCorset",
  name: "Underbust corset",
  summary: "From under the bust down to the hip, boned and laced.",
  zones: ["underbust", "waist", "highHip", "hip"],
  closes: "laced",
});
