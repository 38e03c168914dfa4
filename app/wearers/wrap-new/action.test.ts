import { itActs } from "../../testing/itActs.ts";

const wrap = { name: "Standing", takenOn: "2026-11-01", "edges[0].piece": "Front", "edges[0].length": "19" };

itActs([
  {
    does: "enters a wrap",
    address: "/wearers/1/wraps/new",
    right: wrap,
    gives: /^\/wraps\/\d+$/,
    wrong: [
      [{ "edges[0].length": "wide" }, ["edges[0].length"]],
      [{ "edges[0].piece": "", "edges[0].length": "" }, ["edges"]],
    ],
    foreign: ["/wearers/99/wraps/new"],
  },
]);
