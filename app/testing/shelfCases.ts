import type { ActionCase } from "./actionCase.ts";

const chart = { name: "Tide", ease: "stretch", unit: "cm", "sizes[0].name": "38", "sizes[0].body.waist": "70" };
const layers = {
  name: "Front",
  "layers[0].cloth": "Heron cotton jersey",
  "layers[0].direction": "across",
  "layers[0].role": "shell",
  "layers[1].cloth": "Sable power net",
  "layers[1].direction": "along",
  "layers[1].role": "net",
};
const pulled = { direction: "bias", testedOn: "2026-11-01", gauge: "100", stretched: "150" };
const style = {
  name: "Low bottom, our cut",
  "zone.hip": "yes",
  leastStretch: "20",
  mostShare: "60",
  mostPressure: "2,5",
  version: "1",
};

/** Cloths, layups, charts and styles. */
export const SHELF_CASES: readonly ActionCase[] = [
  {
    does: "adds a cloth",
    address: "/cloths/new",
    right: { name: "Birch jersey", kind: "knit", rollWidth: "1500" },
    gives: /^\/cloths\/\d+$/,
    wrong: [
      [{ name: "" }, ["name"]],
      [{ kind: "felt" }, ["kind"]],
      [{ mass: "heavy" }, ["mass"]],
      [{ rollWidth: "20 m" }, ["rollWidth"]],
      [{ shrinkageAlong: "-3" }, ["shrinkageAlong"]],
    ],
  },
  {
    does: "changes a cloth",
    address: "/cloths/1",
    right: { name: "Heron cotton jersey", kind: "knit", notes: "Curls.", version: "1" },
    gives: "/cloths/1",
    wrong: [[{ thickness: "thick" }, ["thickness"]]],
    stale: 409,
    foreign: ["/cloths/99"],
  },
  {
    does: "adds a hand test",
    address: "/cloths/1",
    right: { intent: "test", ...pulled },
    gives: "/cloths/1",
    wrong: [
      [{ stretched: "90" }, ["stretched"]],
      [{ direction: "" }, ["direction"]],
    ],
    foreign: ["/cloths/99"],
  },
  {
    does: "adds a ladder",
    address: "/cloths/1/tests/new",
    right: {
      ...pulled,
      stretched: "",
      "ladder.width": "50",
      "ladder.gauge": "100",
      "ladder.steps[0].force": "200 g",
      "ladder.steps[0].length": "120",
    },
    gives: /^\/tests\/\d+$/,
    wrong: [
      [{ "ladder.steps[0].force": "heavy" }, ["ladder.steps[0].force"]],
      [{ "ladder.width": "" }, ["ladder.width"]],
      [{ "ladder.steps[0].force": "", "ladder.steps[0].length": "" }, ["stretched"]],
    ],
    foreign: ["/cloths/99/tests/new"],
  },
  {
    does: "strikes a test out",
    address: "/tests/4",
    right: { reason: "The clamp slipped." },
    gives: "/tests/4",
    wrong: [[{ reason: " " }, ["reason"]]],
    foreign: ["/tests/99"],
  },
  {
    does: "turns a test",
    address: "/tests/4",
    right: { intent: "turn", direction: "bias" },
    gives: "/tests/4",
    wrong: [[{ direction: "up" }, ["direction"]]],
  },
  {
    does: "keeps a cloth's photo",
    address: "/cloths/1/photo",
    right: { photo: new File(["no picture"], "p.jpg", { type: "image/jpeg" }) },
    gives: 400,
    leaves: true,
  },
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
  {
    does: "changes a layup",
    address: "/layups/1",
    right: { ...layers, version: "1" },
    gives: "/layups/1",
    wrong: [[{ name: "" }, ["name"]]],
    stale: 409,
    foreign: ["/layups/99"],
  },
  {
    does: "adds a chart",
    address: "/charts/new",
    right: chart,
    gives: /^\/charts\/\d+$/,
    wrong: [
      [{ "sizes[0].name": "", "sizes[0].body.waist": "" }, ["sizes"]],
      [{ "sizes[0].body.waist": "7" }, ["sizes[0].body.waist"]],
      [{ "sizes[1].name": "38" }, ["sizes[1].name"]],
      [{ "sizes[0].finished.waist": "90" }, ["form", "sure"]],
    ],
  },
  {
    does: "changes a chart",
    address: "/charts/1",
    right: { ...chart, version: "1" },
    gives: "/charts/1",
    wrong: [[{ ownReduction: "80" }, ["ownReduction"]]],
    stale: 409,
    foreign: ["/charts/99"],
  },
  {
    does: "imports a chart",
    address: "/charts/import",
    right: { name: "Tide", ease: "stretch", unit: "cm", text: "size;body waist\n38;70" },
    gives: /^\/charts\/\d+$/,
    wrong: [
      [{ text: "" }, ["text"]],
      [{ text: "size;waist\n38;70" }, ["bareKind"]],
    ],
  },
  {
    does: "copies a style",
    address: "/styles",
    right: { copy: "brief" },
    gives: /^\/styles\/\d+$/,
    foreign: [["/styles", { copy: "__proto__" }]],
  },
  {
    does: "changes a style",
    address: "/styles/1",
    right: style,
    gives: "/styles/1",
    wrong: [
      [{ "zone.hip": "" }, ["form"]],
      [{ mostPressure: "6" }, ["mostPressure"]],
      [{ "drop.front": "half a metre" }, ["drop.front"]],
    ],
    stale: 409,
    foreign: ["/styles/99"],
  },
];
