import { atRest, itProposes } from "../../../testing/index.ts";

itProposes("uneven", [
  {
    told: "more on the side that needs it",
    found: { side: "left", amountMm: 8, detail: { which: "more" } },
    remedies: [
      ["one-side", atRest("waist", 8), { on: "girth", pieces: "front, back", line: "left side seam", seams: 1 }],
    ],
  },
  {
    told: "less on the side that has too much",
    found: { side: "right", amountMm: 8, detail: { which: "less" } },
    remedies: [["one-side", -atRest("waist", 8), { line: "right side seam", name: "Change the right side only" }]],
  },
  {
    told: "an armhole by a wedge in its edge",
    found: { spot: "armhole", side: "left", amountMm: 8, detail: { which: "less" } },
    remedies: [["one-side", -atRest("waist", 8), { on: "edge", line: "a wedge in the middle of the edge" }]],
  },
  {
    told: "an underarm along its side seam",
    found: { spot: "underarm", side: "left", amountMm: 8, detail: { which: "more" } },
    remedies: [["one-side", atRest("waist", 8), { on: "line", pieces: "front, back" }]],
  },
  {
    told: "a cup in its volume",
    found: { spot: "cupSide", side: "left", amountMm: 8, detail: { which: "more" } },
    remedies: [["one-side", atRest("waist", 8), { on: "cup", line: "cross seam, toward the side" }]],
  },
  {
    told: "asks which side where both were named",
    found: { side: "both", amountMm: 8, detail: { which: "more" } },
    remedies: [],
    asks: [/left or right/],
  },
]);
