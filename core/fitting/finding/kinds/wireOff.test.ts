import { itProposes } from "../../../testing/index.ts";

const found = { spot: "wire", zone: "underbust" } as const;
const cautions = [/^A wire sits on the ribs, never on tissue; .* clinical advice/];

itProposes("wire_off", [
  {
    told: "a larger wire where it sits on tissue",
    found: { ...found, amountMm: 7, detail: { how: "tissue" } },
    remedies: [["wire-tissue", 7, { on: "wire", name: "Take a larger wire and raise the channel" }]],
    cautions,
  },
  {
    told: "a longer channel where it pokes, or a shorter wire, each with its own direction",
    found: { ...found, amountMm: 8, detail: { how: "pokes" } },
    remedies: [
      ["wire-pokes", 8, { name: "Lengthen the channel at the underarm", pieces: "cradle, bridge" }],
      ["shorter-wire", -8, { name: "Take a shorter wire", pieces: "wire" }],
    ],
    cautions,
  },
  {
    told: "the bridge where it floats",
    found: { ...found, amountMm: 4, detail: { how: "floats" } },
    remedies: [["wire-floats", 4, { name: "Widen the bridge or narrow the wire", pieces: "cradle, bridge" }]],
    cautions,
  },
  {
    told: "nothing where it was not said how, and the caution all the same",
    found,
    remedies: [],
    cautions,
  },
]);
