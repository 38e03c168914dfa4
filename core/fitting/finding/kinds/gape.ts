import { term } from "../../../explain/index.ts";
import type { SpotId } from "../spot.ts";
import { type FindingAnswer, type FindingFacts, type FindingKind, type RemedyPart, remedy } from "./findingKind.ts";
import { BODY_PIECES, EDGES, LEGS, piecesAt } from "./spotGroups.ts";

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
  fields: [
    {
      id: "on",
      label: "It gapes",
      type: "choice",
      choices: [
        { value: "", label: "over front and back alike" },
        { value: "front", label: "on the front" },
        { value: "back", label: "on the back" },
      ],
      needed: false,
    },
  ],
  effect: "removal",
  strain: "free",
  answer,
};

function answer(facts: FindingFacts): FindingAnswer {
  const { spot, hasBand, amountMm, takeMm, usable, detail } = facts;
  const over = piecesAt(spot, hasBand);
  const only = over === BODY_PIECES && (detail.on === "front" || detail.on === "back") ? detail.on : null;
  const pieces = only ?? over;
  const turning = TURNS_AT[spot] ?? "at the turning point of the edge";
  const where = { pieces, blend: `to nothing ${hasBand ? "at the seam below it" : turning}` };
  const holds = usable >= STRETCHY_FROM && amountMm !== null && amountMm < ELASTIC_HOLDS_MM;
  const dartOn = pieces === BODY_PIECES || pieces === "front" ? "front" : null;
  return {
    remedies: [
      remedy({
        ...where,
        id: "wedge",
        on: "edge",
        name: LEGS.includes(spot) ? "Take the edge in at the side seam" : "Fold out a wedge at the edge",
        line: LEGS.includes(spot) ? "side seam at the leg" : "across the edge where it gapes most",
        amountMm: takeMm,
        parts: pieces === BODY_PIECES && takeMm !== null ? [half("front", takeMm), half("back", takeMm)] : [],
        why: `${LEGS.includes(spot) ? "Taken in by this much along the seam that ends there" : "A wedge of this much at the edge"}, ${where.blend}: the edge gets shorter and nothing else changes.${
          pieces === BODY_PIECES
            ? " Half of it on the front, half on the back: say on which it gapes, where it is one of them."
            : ""
        }`,
      }),
      ...(dartOn && DARTS.includes(spot)
        ? [
            remedy({
              ...where,
              pieces: dartOn,
              id: "dart",
              on: "edge",
              name: "Turn it into a dart",
              line: "from the edge toward the bust point",
              amountMm: takeMm,
              why: "Where the cloth cannot take a wedge: all of it on the front, turned into a dart in the side seam (see Cups).",
            }),
          ]
        : []),
      ...(holds
        ? [
            remedy({
              id: "elastic",
              on: "elastic",
              name: "Shorten the edge elastic by the pinch",
              pieces,
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

/** Where a wedge at an edge runs to nothing. */
const TURNS_AT: Readonly<Partial<Record<SpotId, string>>> = {
  neckline: "at the bust line",
  backEdge: "at the bust line",
  armhole: "at the neckline",
  underarm: "at the neckline",
  leg: "at the next level above it",
  legFront: "at the next level above it",
  legBack: "at the next level above it",
};

/** Edges whose gape a dart to the apex can take. */
const DARTS: readonly SpotId[] = ["neckline", "armhole", "underarm"];

/** Half of a pinch that goes over front and back. */
const half = (piece: "front" | "back", takeMm: number): RemedyPart => ({
  ...{
    id: piece,
    pieces: piece,
    line: "across the edge where it gapes most",
    lengthId: "",
    readMm: null,
    strain: null,
  },
  amountMm: takeMm / 2,
  by: {
    formula: "Δ = L / 2",
    terms: [term("garment", "difference")("L", "taken from front and back together", takeMm, "the proposal")],
  },
});
