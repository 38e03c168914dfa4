import { itActs } from "../../testing/itActs.ts";
import { LIKED_FORM } from "../../testing/sentForms.ts";

itActs([
  {
    does: "changes a garment that fits",
    address: "/garments/1",
    right: { ...LIKED_FORM, version: "1" },
    gives: "/wearers/1/garments",
    wrong: [[{ usable: "0" }, ["usable"]]],
    stale: 409,
    foreign: ["/garments/99"],
  },
]);
