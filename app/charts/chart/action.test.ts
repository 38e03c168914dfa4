import { itActs } from "../../testing/itActs.ts";

const chart = { name: "Tide", ease: "stretch", unit: "cm", "sizes[0].name": "38", "sizes[0].body.waist": "70" };

itActs([
  {
    does: "changes a chart",
    address: "/charts/1",
    right: { ...chart, version: "1" },
    gives: "/charts/1",
    wrong: [[{ ownReduction: "80" }, ["ownReduction"]]],
    stale: 409,
    foreign: ["/charts/99"],
  },
]);
