import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "keeps a calculation of the band",
    address: "/jobs/5/band",
    right: { intent: "working", working: "strap", unit: "cm", widthMm: "16", version: "1" },
    gives: "/jobs/5/band",
    stale: 409,
    foreign: ["/jobs/99/band"],
  },
]);
