import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "signs a job off",
    address: "/jobs/1/sign-off",
    right: { intent: "sign-off", on: "2026-11-01", words: "Stays as it is.", version: "1" },
    gives: "/jobs/1/sign-off",
    wrong: [
      [{ on: "soon" }, ["on"]],
      [{ words: "" }, ["words"]],
    ],
    stale: 400,
    foreign: ["/jobs/99/sign-off"],
  },
  {
    does: "keeps a change for the wearer's next jobs",
    address: "/jobs/7/sign-off",
    right: { intent: "standing", change: "4", of: "wearer", words: "Waist in by 12 mm" },
    gives: "/jobs/7/sign-off",
    wrong: [
      [{ words: "" }, ["words-4"]],
      [{ of: "nobody" }, ["words-4"]],
      [{ of: "pattern" }, ["form"]],
    ],
    foreign: [["/jobs/7/sign-off", { change: "1" }]],
  },
]);
