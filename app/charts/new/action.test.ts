import { itActs } from "../../testing/itActs.ts";
import { CHART_FORM } from "../../testing/sentForms.ts";

itActs([
  {
    does: "adds a chart",
    address: "/charts/new",
    right: CHART_FORM,
    gives: /^\/charts\/\d+$/,
    wrong: [
      [{ "sizes[0].name": "", "sizes[0].body.waist": "" }, ["sizes"]],
      [{ "sizes[0].body.waist": "7" }, ["sizes[0].body.waist"]],
      [{ "sizes[1].name": "38" }, ["sizes[1].name"]],
      [{ "sizes[0].finished.waist": "90" }, ["form", "sure"]],
    ],
  },
]);
