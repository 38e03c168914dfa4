import { itActs } from "../../testing/itActs.ts";
import { LAYUP_FORM } from "../../testing/sentForms.ts";

itActs([
  {
    does: "adds a layup",
    address: "/layups/new",
    right: LAYUP_FORM,
    gives: /^\/layups\/\d+$/,
    wrong: [
      [{ "layers[1].cloth": "" }, ["layers"]],
      [{ "layers[0].cloth": "no such cloth" }, ["layers[0].cloth"]],
      [{ "layers[0].role": "" }, ["layers[0].role"]],
    ],
  },
]);
