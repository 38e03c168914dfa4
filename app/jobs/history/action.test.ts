import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "takes back no edit that is not there",
    address: "/jobs/1/history",
    right: { edit: "9999" },
    gives: 409,
    leaves: true,
    foreign: [["/jobs/1/history", { edit: "last" }]],
  },
]);
