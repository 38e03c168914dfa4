import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "adds a cloth",
    address: "/cloths/new",
    right: { name: "Birch jersey", kind: "knit", rollWidth: "1500" },
    gives: /^\/cloths\/\d+$/,
    wrong: [
      [{ name: "" }, ["name"]],
      [{ kind: "felt" }, ["kind"]],
      [{ mass: "heavy" }, ["mass"]],
      [{ rollWidth: "20 m" }, ["rollWidth"]],
      [{ shrinkageAlong: "-3" }, ["shrinkageAlong"]],
    ],
  },
]);
