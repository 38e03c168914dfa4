import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "keeps a calculation of the torso",
    address: "/jobs/4/torso",
    right: { intent: "working", working: "rise", unit: "cm", dropFrontMm: "20", version: "0" },
    gives: "/jobs/4/torso",
    wrong: [[{ dropFrontMm: "wide" }, ["dropFrontMm"]]],
    stale: 409,
    foreign: ["/jobs/99/torso", ["/jobs/4/torso", { working: "guess" }]],
  },
]);
