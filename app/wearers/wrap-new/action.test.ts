import { itActs } from "../../testing/itActs.ts";
import { WRAP_FORM } from "../../testing/sentForms.ts";

itActs([
  {
    does: "enters a wrap",
    address: "/wearers/1/wraps/new",
    right: WRAP_FORM,
    gives: /^\/wraps\/\d+$/,
    wrong: [
      [{ "edges[0].length": "wide" }, ["edges[0].length"]],
      [{ "edges[0].piece": "", "edges[0].length": "" }, ["edges"]],
    ],
    foreign: ["/wearers/99/wraps/new"],
  },
]);
