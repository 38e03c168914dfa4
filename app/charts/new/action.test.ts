import { itActs } from "../../testing/itActs.ts";

const chart = { name: "Tide", ease: "stretch", unit: "cm", "sizes[0].name": "38", "sizes[0].body.waist": "70" };

itActs([
  {
    does: "adds a chart",
    address: "/charts/new",
    right: chart,
    gives: /^\/charts\/\d+$/,
    wrong: [
      [{ "sizes[0].name": "", "sizes[0].body.waist": "" }, ["sizes"]],
      [{ "sizes[0].body.waist": "7" }, ["sizes[0].body.waist"]],
      [{ "sizes[1].name": "38" }, ["sizes[1].name"]],
      [{ "sizes[0].finished.waist": "90" }, ["form", "sure"]],
    ],
  },
]);
