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
    does: "adds a layup",
    address: "/layups/new",
    right: layers,
    gives: /^\/layups\/\d+$/,
    wrong: [
      [{ "layers[1].cloth": "" }, ["layers"]],
      [{ "layers[0].cloth": "no such cloth" }, ["layers[0].cloth"]],
      [{ "layers[0].role": "" }, ["layers[0].role"]],
    ],
  },
]);
