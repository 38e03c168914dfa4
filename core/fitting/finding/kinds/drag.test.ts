import { itProposes } from "../../../testing/index.ts";

itProposes("drag", [
  {
    told: "folds across: tight there",
    found: { detail: { direction: "across" } },
    remedies: [["across", null, { on: "making", name: "Read how tight it is there" }]],
  },
  {
    told: "folds along: loose there",
    found: { detail: { direction: "along" } },
    remedies: [["along", null, { name: "Read how loose it is there" }]],
  },
  {
    told: "slanting folds: room at the place they point at",
    found: { detail: { direction: "slanting", pointsAt: "seat" } },
    remedies: [["slanting", null, { name: "Give room at the seat" }]],
  },
  {
    told: "slanting folds that point nowhere yet: asks where",
    found: { detail: { direction: "slanting" } },
    remedies: [],
    asks: [/say where they point/],
  },
  {
    told: "slanting folds that point at no spot of ours: asks where",
    found: { detail: { direction: "slanting", pointsAt: "elbow" } },
    remedies: [],
    asks: [/say where they point/],
  },
]);
