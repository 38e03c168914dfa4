import { itActs } from "../../testing/itActs.ts";
import { CHART_FORM } from "../../testing/sentForms.ts";

itActs([
  {
    does: "changes a chart",
    address: "/charts/1",
    right: { ...CHART_FORM, version: "1" },
    gives: "/charts/1",
    wrong: [[{ ownReduction: "80" }, ["ownReduction"]]],
    stale: 409,
    foreign: ["/charts/99"],
  },
]);
