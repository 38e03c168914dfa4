import { itActs } from "../../testing/itActs.ts";

const liked = { name: "Grey brief", measuredOn: "2026-11-01", "width.waist": "32,9", unit: "cm" };

itActs([
  {
    does: "adds a garment that fits",
    address: "/wearers/1/garments/new",
    right: liked,
    gives: "/wearers/1/garments",
    wrong: [
      [{ "width.waist": "" }, ["width.waist"]],
      [{ cloth: "no such cloth" }, ["cloth"]],
    ],
    foreign: ["/wearers/99/garments/new"],
  },
]);
