import { atRest, itProposes } from "../../../testing/index.ts";

const found = { zone: "hip", spot: "sideSeam", amountMm: 8 } as const;

itProposes("swing", [
  {
    told: "girth moved to the front where the seam is drawn forward",
    found: { ...found, detail: { way: "forward" } },
    remedies: [["balance-front", atRest("hip", 8), { on: "balance", pieces: "front, back", seams: null }]],
  },
  {
    told: "girth moved to the back where it is drawn back",
    found: { ...found, detail: { way: "back" } },
    remedies: [["balance-back", atRest("hip", 8), { name: "Give to the back, take from the front" }]],
  },
]);
