import { atRest, itProposes } from "../../../testing/index.ts";

itProposes("uneven", [
  {
    told: "more on the side that needs it",
    found: { side: "left", amountMm: 8, detail: { which: "more" } },
    remedies: [
      ["one-side", atRest("waist", 8), { on: "edge", pieces: "left pieces", blend: "to nothing at the centre" }],
    ],
  },
  {
    told: "less on the side that has too much",
    found: { side: "right", amountMm: 8, detail: { which: "less" } },
    remedies: [["one-side", -atRest("waist", 8), { pieces: "right pieces", name: "Change the right side only" }]],
  },
  {
    told: "asks which side where both were named",
    found: { side: "both", amountMm: 8, detail: { which: "more" } },
    remedies: [],
    asks: [/left or right/],
  },
]);
