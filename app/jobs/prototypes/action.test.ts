import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "starts a prototype",
    address: "/jobs/2/prototypes",
    right: { kind: "sewn", startedOn: "2026-11-01", number: "2" },
    gives: "/jobs/2/prototypes/2",
    wrong: [
      [{ kind: "knitted" }, ["kind"]],
      [{ startedOn: "2099-01-01" }, ["startedOn"]],
      [{ number: "1" }, ["form"]],
    ],
    foreign: ["/jobs/99/prototypes"],
  },
]);
