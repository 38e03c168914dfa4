import { itProposes } from "../../../testing/index.ts";

const asks = [/^Give the amount when you decide/];

itProposes("edge_wave", [
  {
    told: "a shorter elastic or a looser stitch where it waves",
    found: { zone: "leg", spot: "leg", detail: { how: "wavy" } },
    remedies: [["elastic", null, { on: "elastic", name: "Shorten the elastic, or sew it with a looser stitch" }]],
    asks,
  },
  {
    told: "a longer elastic where it curls",
    found: { zone: "leg", spot: "leg", detail: { how: "curls" } },
    remedies: [["elastic", null, { on: "elastic", name: "Lengthen the elastic at that edge" }]],
    asks,
  },
]);
