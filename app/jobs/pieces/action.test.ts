import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "keeps the options of pieces",
    address: "/jobs/2/pieces",
    right: { intent: "working", working: "briefPieces", unit: "cm", leg_raise: "20", back_leg: "curved", version: "0" },
    gives: "/jobs/2/pieces?draw=briefPieces",
    wrong: [
      [{ leg_raise: "400" }, ["leg_raise"]],
      [{ gusset_before: "much" }, ["gusset_before"]],
    ],
    stale: 409,
    foreign: ["/jobs/99/pieces", ["/jobs/2/pieces", { working: "guess" }]],
  },
]);
