import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "renames a job",
    address: "/jobs/1",
    right: { name: "High-waisted brief, second", notes: "", version: "1" },
    gives: "/jobs/1",
    wrong: [[{ name: "" }, ["name"]]],
    stale: 409,
    foreign: ["/jobs/99"],
  },
  {
    does: "begins a job again",
    address: "/jobs/1",
    right: { intent: "again" },
    gives: /^\/jobs\/\d+$/,
    foreign: ["/jobs/99"],
  },
  {
    does: "deletes a job",
    address: "/jobs/1",
    right: { intent: "remove" },
    gives: "/?removed=1",
    foreign: ["/jobs/99"],
  },
]);
