import { itActs } from "../../testing/itActs.ts";

const style = {
  name: "Low bottom, our cut",
  "zone.hip": "yes",
  leastStretch: "20",
  mostShare: "60",
  mostPressure: "2,5",
  "part.leg": "high",
  "part.rise": "open",
  version: "1",
};

itActs([
  {
    does: "changes a style",
    address: "/styles/1",
    right: style,
    gives: "/styles/1",
    wrong: [
      [{ "zone.hip": "" }, ["form"]],
      [{ mostPressure: "6" }, ["mostPressure"]],
      [{ "drop.front": "half a metre" }, ["drop.front"]],
      [{ "part.leg": "square" }, ["part.leg"]],
    ],
    stale: 409,
    foreign: ["/styles/99"],
  },
]);
