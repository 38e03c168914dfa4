import { itActs } from "../../testing/itActs.ts";

const liked = { name: "Grey brief", measuredOn: "2026-11-01", "width.waist": "32,9", unit: "cm" };

itActs([
  {
    does: "changes a garment that fits",
    address: "/garments/1",
    right: { ...liked, version: "1" },
    gives: "/wearers/1/garments",
    wrong: [[{ usable: "0" }, ["usable"]]],
    stale: 409,
    foreign: ["/garments/99"],
  },
]);
