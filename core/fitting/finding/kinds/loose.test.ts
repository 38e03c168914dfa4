import { atRest, itProposes, sewnAt } from "../../../testing/index.ts";

const blend = "to nothing over 80 mm above and below, or at the next zones";

itProposes("loose", [
  {
    told: "0.65 of a large pinch, on resting cloth, over both side seams",
    found: { amountMm: 24 },
    remedies: [["take-in", -atRest("waist", 0.65 * 24), { on: "girth", pieces: "front, back", seams: 2, blend }]],
  },
  {
    told: "half of a pinch under 15 mm",
    found: { amountMm: 14.9 },
    remedies: [["take-in", -atRest("waist", 0.5 * 14.9)]],
  },
  {
    told: "0.65 from 15 mm on",
    found: { amountMm: 15 },
    remedies: [["take-in", -atRest("waist", 0.65 * 15)]],
  },
  {
    told: "by the strain of the zone it was found in",
    found: { zone: "hip", spot: "hip", amountMm: 20 },
    remedies: [["take-in", -atRest("hip", 0.65 * 20)]],
  },
  {
    told: "by the more stretched leg, over its one seam",
    found: { zone: "leg", spot: "leg", amountMm: 20 },
    remedies: [["take-in", -atRest("leg", 0.65 * 20), { seams: 1, line: "side seam" }]],
  },
  {
    told: "over the one seam of the side it was found on",
    found: { side: "left", amountMm: 20 },
    remedies: [["take-in", -atRest("waist", 0.65 * 20), { seams: 1, line: "left side seam" }]],
  },
  {
    told: "by the strain of the girth as sewn where it was measured",
    found: { amountMm: 20 },
    on: sewnAt("waist", 700),
    remedies: [["take-in", (-0.65 * 20 * 700) / 742]],
  },
  {
    told: "as read where the garment hangs slack",
    found: { amountMm: 20 },
    on: sewnAt("waist", 760),
    remedies: [["take-in", -0.65 * 20]],
  },
  {
    told: "no amount where none was read",
    found: {},
    remedies: [["take-in", null, { on: "girth" }]],
  },
]);
