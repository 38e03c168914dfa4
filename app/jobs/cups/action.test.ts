import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "keeps a calculation of the cups",
    address: "/jobs/5/cups",
    right: { intent: "working", working: "dart", unit: "cm", widthMm: "20", version: "1" },
    gives: "/jobs/5/cups",
    wrong: [[{ widthMm: "0" }, ["widthMm"]]],
    stale: 409,
    foreign: ["/jobs/99/cups"],
  },
]);
