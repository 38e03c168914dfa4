import { boned } from "./boned.ts";

/** Over the bust, which its panels shape. */
export const lacedCorset = boned({
  id: "lacedCorset",
  name: "Overbust corset",
  summary: "Over the bust, shaped by its panels, boned and laced.",
  zones: ["bust", "underbust", "waist", "highHip", "hip"],
  closes: "laced",
});
