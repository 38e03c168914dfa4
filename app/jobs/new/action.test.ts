import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "starts a job",
    address: "/jobs/new",
    right: { name: "Autumn brief", style: "brief", wearer: "1" },
    gives: /^\/jobs\/\d+$/,
    wrong: [
      [{ name: "" }, ["name"]],
      [{ style: "cape" }, ["style"]],
      [{ wearer: "" }, ["wearer"]],
    ],
    foreign: [["/jobs/new", { wearer: "99" }]],
  },
]);
