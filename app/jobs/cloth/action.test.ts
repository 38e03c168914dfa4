import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "picks a cloth",
    address: "/jobs/1/cloth",
    right: { cloth: "2", version: "1" },
    gives: "/jobs/1/cloth",
    wrong: [[{ direction: "up" }, []]],
    stale: 409,
    foreign: ["/jobs/99/cloth", ["/jobs/1/cloth", { cloth: "99" }], ["/jobs/1/cloth", { cloth: "", layup: "99" }]],
  },
]);
