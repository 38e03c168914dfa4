import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "strikes a test out",
    address: "/tests/4",
    right: { reason: "The clamp slipped." },
    gives: "/tests/4",
    wrong: [[{ reason: " " }, ["reason"]]],
    foreign: ["/tests/99"],
  },
  {
    does: "turns a test",
    address: "/tests/4",
    right: { intent: "turn", direction: "bias" },
    gives: "/tests/4",
    wrong: [[{ direction: "up" }, ["direction"]]],
  },
]);
