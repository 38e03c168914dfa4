import { itActs } from "../../testing/itActs.ts";

itActs([
  {
    does: "changes a wearer",
    address: "/wearers/1",
    right: { name: "Ilva Thornbeck", kind: "person", notes: "Prefers a high back.", version: "1" },
    gives: "/wearers/1",
    wrong: [[{ name: "x".repeat(121) }, ["name"]]],
    stale: 409,
    foreign: ["/wearers/99", "/wearers/one"],
  },
]);
