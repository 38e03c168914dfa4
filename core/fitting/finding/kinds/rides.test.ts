import { atRest, itProposes } from "../../../testing/index.ts";

itProposes("rides", [
  {
    told: "a part of the girth out of a waist that travels",
    found: { amountMm: 20, detail: { way: "up" } },
    remedies: [["take-in", -atRest("waist", 13), { on: "girth", seams: 2 }]],
  },
  {
    told: "half of a small travel",
    found: { zone: "highHip", spot: "highHip", amountMm: 10 },
    remedies: [["take-in", -atRest("highHip", 5)]],
  },
  {
    told: "a shorter back leg elastic, or more seat by as much",
    found: { zone: "leg", spot: "leg", amountMm: 20 },
    remedies: [
      ["back-leg-elastic", -atRest("leg", 13), { on: "elastic", pieces: "back" }],
      ["more-seat", atRest("leg", 13), { on: "edge", pieces: "back", blend: "to nothing at side seam and crotch" }],
    ],
  },
  {
    told: "no amount of either where none was read",
    found: { zone: "leg", spot: "leg" },
    remedies: [
      ["back-leg-elastic", null],
      ["more-seat", null],
    ],
  },
]);
