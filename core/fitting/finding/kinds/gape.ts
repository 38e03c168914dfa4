import { term } from "../../../explain/index.ts";
import { type FindingAnswer, type FindingFacts, type FindingKind, remedy } from "./findingKind.ts";
import { EDGES, piecesAt } from "./spotGroups.ts";

/** Under this pinch, mm, an edge elastic can hold a stretchy edge in. */
const ELASTIC_HOLDS_MM = 12;

/** Usable stretch from which a cloth counts as stretchy. */
const STRETCHY_FROM = 0.25;

/** An edge that stands off the body. */
export const gape: FindingKind = {
  id: "gape",
  name: "Gapes",
  sees: "An edge stands off the body and can be pinched up.",
  spots: [...EDGES, "underarm"],
  amount: {
    name: "Pinch at the edge",
    howToRead: "Pinch the edge until it lies on the body: all of the cloth in the pinch, along the edge.",
    needed: true,
    canBeFolded: true,
  },
  fields: [],
  effect: "removal",
  strain: "free",
  answer,
};

function answer({ spot, amountMm, takeMm, usable }: FindingFacts): FindingAnswer {
  const turning = spot === "neckline" ? "at the bust line" : "at the turning point of the edge";
  const where = { pieces: piecesAt(spot), blend: `to nothing ${turning}` };
  const holds = usable >= STRETCHY_FROM && amountMm !== null && amountMm < ELASTIC_HOLDS_MM;
  return {
    remedies: [
      remedy({
        ...where,
        id: "wedge",
        on: "edge",
        name: "Fold out a wedge at the edge",
        line: "across the edge where it gapes most",
        amountMm: takeMm,
        why: `A wedge of this much at the edge, to nothing ${turning}: the edge gets shorter and nothing else changes.`,
      }),
      remedy({
        ...where,
        id: "dart",
        on: "edge",
        name: "Turn it into a dart",
        line: "from the edge toward the bust point",
        amountMm: takeMm,
        why: "Where the cloth cannot take a wedge: turn it into an existing dart or seam (see Cups).",
      }),
      ...(holds
        ? [
            remedy({
              id: "elastic",
              on: "elastic",
              name: "Shorten the edge elastic by the pinch",
              pieces: piecesAt(spot),
              line: "elastic of that edge",
              amountMm: -amountMm,
              by: {
                formula: "Δ = −a",
                terms: [term("finding", "amount")("a", "pinch at the edge", amountMm, "read at the fitting")],
              },
              why: `The cloth is stretchy and the pinch under ${ELASTIC_HOLDS_MM} mm: its elastic can hold the edge in without recutting.`,
            }),
          ]
        : []),
    ],
  };
}
