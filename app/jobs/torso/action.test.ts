import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "keeps a loop beside what cannot be read in a field it has no use for",
    address: "/jobs/4/torso",
    right: {
      ...{ intent: "working", working: "trunk", unit: "cm", from: "draft", version: "1" },
      ...{ size: "38", trunkLoop: "152", ownReduction: "steep", idle: "wrapId size ownReduction" },
    },
    gives: "/jobs/4/torso",
    wrong: [
      [{ idle: "" }, ["ownReduction"]],
      [{ trunkLoop: "long" }, ["trunkLoop"]],
    ],
  },
  {
    does: "keeps a calculation of the torso",
    address: "/jobs/4/torso",
    right: { intent: "working", working: "rise", unit: "cm", dropFrontMm: "20", version: "0" },
    gives: "/jobs/4/torso",
    wrong: [[{ dropFrontMm: "wide" }, ["dropFrontMm"]]],
    stale: 409,
    foreign: ["/jobs/99/torso", ["/jobs/4/torso", { working: "guess" }]],
  },
]);
