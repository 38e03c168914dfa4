import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "picks a sheet",
    address: "/jobs/1/body",
    right: { sheet: "2", version: "1" },
    gives: "/jobs/1/body",
    wrong: [[{ sheet: "two" }, []]],
    stale: 409,
    foreign: ["/jobs/99/body", ["/jobs/1/body", { sheet: "99" }], ["/jobs/1/body", { sheet: "4" }]],
  },
]);
