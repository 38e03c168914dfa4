import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "takes a school",
    address: "/jobs/1/ease",
    right: { intent: "school", school: "percent", version: "1" },
    gives: "/jobs/1/ease",
    wrong: [[{ school: "feel" }, []]],
    stale: 409,
    foreign: ["/jobs/99/ease"],
  },
]);
