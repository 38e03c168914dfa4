import { itActs } from "../../testing/itActs.ts";

const own = {
  intent: "own",
  unit: "cm",
  on: "girth",
  place: "waist",
  side: "both",
  direction: "take",
  amount: "8",
  seams: "2",
  pieces: "front, back",
  line: "side seams",
};

itActs([
  {
    does: "adds a change of one's own",
    address: "/jobs/1/changes",
    right: own,
    gives: "/jobs/1/changes",
    wrong: [
      [{ amount: "" }, ["amount"]],
      [{ amount: "wide" }, ["amount"]],
      [{ direction: "" }, ["direction"]],
      [{ place: "knee" }, ["place"]],
      [{ seams: "1.5" }, ["seams"]],
      [{ pieces: "" }, ["pieces"]],
    ],
    foreign: ["/jobs/99/changes"],
  },
]);
