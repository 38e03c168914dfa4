import { itActs } from "../../testing/itActs.ts";
import { WRAP_FORM } from "../../testing/sentForms.ts";

itActs([
  {
    does: "changes a wrap",
    address: "/wraps/1",
    right: { ...WRAP_FORM, version: "1" },
    gives: "/wraps/1",
    wrong: [[{ "edges[0].seam": "ABCDE" }, ["edges[0].seam"]]],
    stale: 409,
    foreign: ["/wraps/99"],
  },
]);
