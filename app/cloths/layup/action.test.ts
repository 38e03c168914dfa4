import { itActs } from "../../testing/itActs.ts";

const layers = {
  name: "Front",
  "layers[0].cloth": "Heron cotton jersey",
  "layers[0].direction": "across",
  "layers[0].role": "shell",
  "layers[1].cloth": "Sable power net",
  "layers[1].direction": "along",
  "layers[1].role": "net",
};

itActs([
  {
    does: "changes a layup",
    address: "/layups/1",
    right: { ...layers, version: "1" },
    gives: "/layups/1",
    wrong: [[{ name: "" }, ["name"]]],
    stale: 409,
    foreign: ["/layups/99"],
  },
]);
