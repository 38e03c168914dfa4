import { itActs } from "../../testing/itActs.ts";
import { LIKED_FORM } from "../../testing/sentForms.ts";

itActs([
  {
    does: "adds a garment that fits",
    address: "/wearers/1/garments/new",
    right: LIKED_FORM,
    gives: "/wearers/1/garments",
    wrong: [
      [{ "width.waist": "" }, ["width.waist"]],
      [{ cloth: "no such cloth" }, ["cloth"]],
    ],
    foreign: ["/wearers/99/garments/new"],
  },
]);
