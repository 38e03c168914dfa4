import { itActs } from "../../testing/itActs.ts";
import { LAYUP_FORM } from "../../testing/sentForms.ts";

itActs([
  {
    does: "changes a layup",
    address: "/layups/1",
    right: { ...LAYUP_FORM, version: "1" },
    gives: "/layups/1",
    wrong: [[{ name: "" }, ["name"]]],
    stale: 409,
    foreign: ["/layups/99"],
  },
]);
