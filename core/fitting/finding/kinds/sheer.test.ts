import { expect } from "vitest";
import { itProposes, RINGS, sewnAt } from "../../../testing/index.ts";

const wet = [/test it wet/];
const share = [/choose a lower share for the zone/];

itProposes("sheer", [
  {
    told: "a lining, and asks for a lower share where the girth is as planned",
    found: {},
    remedies: [["line-it", null, { on: "making", pieces: "lining" }]],
    asks: share,
    cautions: wet,
  },
  {
    told: "the plan first where it was sewn smaller",
    found: {},
    on: sewnAt("waist", 630),
    remedies: [
      ["to-school", RINGS.waist.plannedMm - 630, { on: "girth", why: expect.stringMatching(/sewn smaller/) }],
      ["line-it", null],
    ],
    asks: share,
    cautions: wet,
  },
  {
    told: "a lining only where no girth is planned",
    found: { zone: "bust", spot: "bust" },
    remedies: [["line-it", null]],
    cautions: wet,
  },
]);
