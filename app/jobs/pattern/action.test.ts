import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "picks a chart",
    address: "/jobs/1/pattern",
    right: { chart: "1", version: "1" },
    gives: "/jobs/1/pattern",
    wrong: [[{ chart: "one" }, []]],
    stale: 409,
    foreign: ["/jobs/99/pattern", ["/jobs/1/pattern", { chart: "99" }]],
  },
  {
    does: "keeps the pattern's lengths",
    address: "/jobs/1/pattern",
    right: { intent: "points", unit: "cm", "length.armhole": "42", version: "1" },
    gives: "/jobs/1/pattern",
    wrong: [[{ "length.armhole": "9 m" }, ["length.armhole"]]],
    stale: 409,
    foreign: ["/jobs/99/pattern"],
  },
]);
