import { expect } from "vitest";
import { atRest, itProposes, RINGS, sewnAt } from "../../../testing/index.ts";

const cautions = [/numbness or tingling: take it off at once/];

itProposes("tight", [
  {
    told: "the whole gap, on resting cloth",
    found: { amountMm: 12 },
    remedies: [["let-out", atRest("waist", 12), { on: "girth", seams: 2, name: "Let the girth out" }]],
    cautions,
  },
  {
    told: "from the allowance where every edge holds it",
    found: { amountMm: 12, detail: { allowance: 2.7 } },
    remedies: [["let-out", atRest("waist", 12), { name: "Let out from the seam allowance" }]],
    cautions,
  },
  {
    told: "for the next prototype where the allowance lacks a hair",
    found: { amountMm: 12, detail: { allowance: 2.6 } },
    remedies: [
      ["let-out", atRest("waist", 12), { name: "Let the girth out", why: expect.stringMatching(/next proto/) }],
    ],
    cautions,
  },
  {
    told: "the allowance of the one seam of a side",
    found: { side: "right", amountMm: 12, detail: { allowance: 5 } },
    remedies: [["let-out", atRest("waist", 12), { seams: 1, name: "Let the girth out" }]],
    cautions,
  },
  {
    told: "the school's girth beside it where it was sewn smaller than planned",
    found: { amountMm: 12 },
    on: sewnAt("waist", 640),
    remedies: [
      ["let-out", (12 * 640) / 742],
      ["to-school", RINGS.waist.plannedMm - 640, { on: "girth", seams: 2 }],
    ],
    cautions,
  },
  {
    told: "no school's girth where it was sewn larger than planned",
    found: { amountMm: 12 },
    on: sewnAt("waist", 660),
    remedies: [["let-out", (12 * 660) / 742]],
    cautions,
  },
]);
