import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "brings a deleted job back",
    address: "/",
    right: { job: "1" },
    gives: "/",
    leaves: true,
    foreign: [["/", { job: "one" }]],
  },
]);
