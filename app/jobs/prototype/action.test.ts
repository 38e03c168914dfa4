import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "writes down what was sewn",
    address: "/jobs/2/prototypes/1",
    right: { unit: "cm", "ring.waist": "33,1", version: "2" },
    gives: "/jobs/2/prototypes/1",
    wrong: [[{ "ring.waist": "0" }, ["ring.waist"]]],
    stale: 409,
    foreign: ["/jobs/2/prototypes/9", "/jobs/99/prototypes/1"],
  },
  {
    does: "writes a note to a closed prototype",
    address: "/jobs/1/prototypes/1",
    right: { intent: "annotate", text: "Worn on a long swim." },
    gives: "/jobs/1/prototypes/1",
    wrong: [[{ text: "" }, ["text"]]],
    foreign: ["/jobs/1/prototypes/9"],
  },
  {
    does: "does not change a closed prototype",
    address: "/jobs/1/prototypes/1",
    right: { unit: "cm", "ring.waist": "33,1", version: "2" },
    gives: 400,
    leaves: true,
  },
]);
