import { itActs } from "../../testing/itActs.ts";
import { PULLED_FORM } from "../../testing/sentForms.ts";

itActs([
  {
    does: "changes a cloth",
    address: "/cloths/1",
    right: { name: "Heron cotton jersey", kind: "knit", notes: "Curls.", version: "1" },
    gives: "/cloths/1",
    wrong: [[{ thickness: "thick" }, ["thickness"]]],
    stale: 409,
    foreign: ["/cloths/99"],
  },
  {
    does: "adds a hand test",
    address: "/cloths/1",
    right: { intent: "test", ...PULLED_FORM },
    gives: "/cloths/1",
    wrong: [
      [{ stretched: "90" }, ["stretched"]],
      [{ direction: "" }, ["direction"]],
    ],
    foreign: ["/cloths/99"],
  },
]);
