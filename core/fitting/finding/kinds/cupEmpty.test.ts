import { itProposes } from "../../../testing/index.ts";

itProposes("cup_empty", [
  {
    told: "half of a small wrinkle, through the seam next to it",
    found: { spot: "cupTop", zone: "bust", amountMm: 8 },
    remedies: [["less-volume", -4, { on: "cup", line: "upper cup seam and top edge" }]],
  },
  {
    told: "0.65 of a large one",
    found: { spot: "cupCentre", zone: "bust", amountMm: 20 },
    remedies: [["less-volume", -13, { line: "lower cup seam, toward the centre" }]],
  },
  {
    told: "by the strain round the body where the garment is planned there",
    found: { spot: "cupSide", zone: "waist", amountMm: 20 },
    remedies: [["less-volume", (-13 * 653) / 742]],
  },
]);
