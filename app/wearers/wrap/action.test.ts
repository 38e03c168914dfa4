import { itActs } from "../../testing/itActs.ts";

const wrap = { name: "Standing", takenOn: "2026-11-01", "edges[0].piece": "Front", "edges[0].length": "19" };

itActs([
  {
    does: "changes a wrap",
    address: "/wraps/1",
    right: { ...wrap, version: "1" },
    gives: "/wraps/1",
    wrong: [[{ "edges[0].seam": "ABCDE" }, ["edges[0].seam"]]],
    stale: 409,
    foreign: ["/wraps/99"],
  },
]);
