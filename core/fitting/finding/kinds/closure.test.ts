import { atRest, itProposes } from "../../../testing/index.ts";

const stabilise = ["stabilise", null, { on: "making", line: "edges of the opening" }] as const;

itProposes("closure", [
  {
    told: "the whole of what it is short by, on resting cloth, or a stay for the opening",
    found: { amountMm: 8, detail: { kind: "hooks" } },
    remedies: [
      ["add-girth", atRest("waist", 8), { on: "girth", seams: 2, blend: "over the height of the closure" }],
      stabilise,
    ],
  },
  {
    told: "a zip is never forced",
    found: { amountMm: 8, detail: { kind: "zip" } },
    remedies: [["add-girth", atRest("waist", 8)], stabilise],
    cautions: [/^Never force an invisible zip/],
  },
]);
