import { expect } from "vitest";
import { styleOf } from "../../../ease/index.ts";
import { itProposes, samplePrototype } from "../../../testing/index.ts";

const sample = samplePrototype();
/** The sample in a cloth that stretches by a given part. */
const stretching = (usable: number) =>
  samplePrototype({ frozen: { ...sample.frozen, stretch: { ...sample.frozen.stretch, usable } } });

const half = (id: string, amountMm: number) => expect.objectContaining({ id, pieces: id, amountMm });

itProposes("gape", [
  {
    told: "a wedge of half a small pinch at the neckline, to nothing at the bust line, or a dart, or the elastic by the pinch",
    found: { spot: "neckline", amountMm: 10 },
    remedies: [
      ["wedge", -5, { on: "edge", pieces: "front", blend: "to nothing at the bust line" }],
      ["dart", -5, { on: "edge", pieces: "front" }],
      ["elastic", -10, { on: "elastic", pieces: "front" }],
    ],
  },
  {
    told: "no elastic from 12 mm on",
    found: { spot: "armhole", amountMm: 12 },
    remedies: [
      [
        "wedge",
        -6,
        { pieces: "front, back", blend: "to nothing at the neckline", parts: [half("front", -3), half("back", -3)] },
      ],
      ["dart", -6, { pieces: "front" }],
    ],
  },
  {
    told: "no elastic in a cloth that hardly stretches",
    found: { spot: "armhole", amountMm: 6 },
    on: stretching(0.249),
    remedies: [
      ["wedge", -3],
      ["dart", -3],
    ],
  },
  {
    told: "the elastic from a quarter of stretch on",
    found: { spot: "armhole", amountMm: 6 },
    on: stretching(0.25),
    remedies: [
      ["wedge", -3],
      ["dart", -3],
      ["elastic", -6],
    ],
  },
  {
    told: "0.65 of a large one, on the back at its edge; an edge hangs free, no strain counts",
    found: { spot: "backEdge", amountMm: 20 },
    remedies: [["wedge", -13, { pieces: "back", parts: [] }]],
  },
  {
    told: "all of it on the half that gapes, where that was said",
    found: { spot: "armhole", amountMm: 20, detail: { on: "back" } },
    remedies: [["wedge", -13, { pieces: "back", parts: [] }]],
  },
  {
    told: "a leg at the side seam that ends there, front or back alone",
    found: { spot: "legBack", amountMm: 20 },
    remedies: [
      ["wedge", -13, { pieces: "back", line: "side seam at the leg", name: "Take the edge in at the side seam" }],
    ],
  },
  {
    told: "the edge of a cup to the seam below it",
    found: { spot: "neckline", amountMm: 20 },
    on: samplePrototype({ frozen: { ...sample.frozen, style: styleOf("softBra") } }),
    remedies: [["wedge", -13, { pieces: "cup", blend: "to nothing at the seam below it" }]],
  },
  {
    told: "no elastic where nothing was read",
    found: { spot: "leg" },
    remedies: [["wedge", null, { parts: [] }]],
  },
]);
