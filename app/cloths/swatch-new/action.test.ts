import { itActs } from "../../testing/itActs.ts";
import { PULLED_FORM } from "../../testing/sentForms.ts";

itActs([
  {
    does: "adds a ladder",
    address: "/cloths/1/tests/new",
    right: {
      ...PULLED_FORM,
      stretched: "",
      "ladder.width": "50",
      "ladder.gauge": "100",
      "ladder.steps[0].force": "200 g",
      "ladder.steps[0].length": "120",
    },
    gives: /^\/tests\/\d+$/,
    wrong: [
      [{ "ladder.steps[0].force": "heavy" }, ["ladder.steps[0].force"]],
      [{ "ladder.width": "" }, ["ladder.width"]],
      [{ "ladder.steps[0].force": "", "ladder.steps[0].length": "" }, ["stretched"]],
    ],
    foreign: ["/cloths/99/tests/new"],
  },
]);
