import { term } from "../../../explain/index.ts";
import type { SpotId } from "../spot.ts";
import { type FindingAnswer, type FindingFacts, type FindingKind, type RemedyPart, remedy } from "./findingKind.ts";
import { lengthAt, lengthOfHalf } from "./lengthAt.ts";

/** Too little length: straps cut, the seat is pulled, the crotch dragged down or up. */
export const short: FindingKind = {
  id: "short",
  name: "Short",
  sees: "Straps cut in, the seat is pulled, the crotch is dragged.",
  spots: ["strap", "seat", "crotch", "frontCrotch", "smallOfBack"],
  amount: {
    name: "Extra length needed",
    howToRead: "Open the straps and read their gap, or pin a strip in and measure what it takes.",
    needed: true,
    canBeFolded: false,
  },
  fields: [],
  effect: "addition",
  strain: "along",
  answer,
};

function answer(facts: FindingFacts): FindingAnswer {
  const { spot, takeMm, lengths } = facts;
  const lengthId = lengthAt(spot, lengths);
  const strapOnly =
    spot === "strap"
      ? [
          remedy({
            id: "strap",
            on: lengthId === "strap" ? "length" : "elastic",
            name: "Lengthen the strap only",
            pieces: "strap",
            line: "strap",
            amountMm: takeMm,
            lengthId: lengthId === "strap" ? "strap" : "",
            why: "Only where the trunk itself sits well and nothing pulls at seat or crotch.",
          }),
        ]
      : [];
  const torso = remedy({
    id: "halves",
    on: "length",
    name: "Lengthen, half front and half back",
    pieces: "front, back",
    line: LINE,
    blend: "true the side seams again",
    amountMm: takeMm,
    lengthId,
    parts: takeMm === null ? [] : [half("front", takeMm, facts), half("back", takeMm, facts)],
    why: "Too little length anywhere pulls everywhere: half goes into the front, half into the back.",
  });
  const lacking = SEGMENT_AT[spot];
  const segment = lacking
    ? [
        remedy({
          ...torso,
          id: `${lacking}-alone`,
          name: `Lengthen the ${lacking} alone`,
          pieces: lacking,
          blend: "at the centre, to nothing at the side seam",
          parts: takeMm === null ? [] : [whole(lacking, takeMm, facts)],
          why: `Where only the ${lacking} lacks it there (the torso step says which part does): all of it goes into the ${lacking}, at the centre, to nothing at the side.`,
        }),
      ]
    : [];
  return {
    remedies: lengthId === "strap" ? [...strapOnly, torso] : [torso, ...segment, ...strapOnly],
    ...(spot === "strap" ? { asks: ["Check the trunk loop first: a short torso is felt at the straps."] } : {}),
  };
}

/** Which half of the trunk lacks length where only one of them does. */
const SEGMENT_AT: Readonly<Partial<Record<SpotId, "front" | "back">>> = {
  seat: "back",
  smallOfBack: "back",
  frontCrotch: "front",
};

const LINE = "lengthen-or-shorten line, at right angles to the centre";

const whole = (piece: "front" | "back", takeMm: number, facts: FindingFacts): RemedyPart => ({
  ...half(piece, takeMm, facts),
  amountMm: takeMm,
  by: {
    formula: "Δ = L",
    terms: [term("garment", "difference")("L", `length given, all in the ${piece}`, takeMm, "the proposal")],
  },
});

const half = (piece: "front" | "back", takeMm: number, { lengths }: FindingFacts): RemedyPart => ({
  ...{ id: piece, pieces: piece, line: LINE, readMm: null, strain: null },
  lengthId: lengthOfHalf(piece, lengths),
  amountMm: takeMm / 2,
  by: {
    formula: "Δ = L / 2",
    terms: [term("garment", "difference")("L", "length given, front and back together", takeMm, "the proposal")],
  },
});
