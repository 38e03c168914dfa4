import { boned } from "./boned.ts";
import { BREAST_MEASURES } from "./parts.ts";

/** Over the bust, which lies in cups of its own. */
export const cuppedCorset = boned({
  id: "cuppedCorset",
  name: "Overbust corset with cups",
  summary: "Cups of its own above the panels, boned and laced.",
  zones: ["bust", "underbust", "waist", "highHip", "hip"],
  closes: "laced",
  more: ["apex_span", ...BREAST_MEASURES],
});
