import { boned } from "./boned.ts";

/** What carries a dress inside: it holds, and reduces little. */
export const innerCorset = boned({
  id: "innerCorset",
  name: "Inner corset of a dress",
  summary: "Net or cloth, boned, inside a dress: the dress hangs from it.",
  zones: ["bust", "underbust", "waist", "highHip"],
  closes: "zip",
});
