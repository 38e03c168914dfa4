import { term } from "../../../explain/index.ts";
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
  const segments = remedy({
    ...torso,
    parts: [],
    id: "segments",
    name: "Lengthen by segments",
    line: "the segment that lacks it, as the torso step says",
    why: "Where the parts of the trunk were measured, the torso step says which segment lacks the length.",
  });
  return {
    remedies: lengthId === "strap" ? [...strapOnly, torso] : [torso, segments, ...strapOnly],
    ...(spot === "strap" ? { asks: ["Check the trunk loop first: a short torso is felt at the straps."] } : {}),
  };
}

const LINE = "lengthen-or-shorten line, at right angles to the centre";

const half = (piece: "front" | "back", takeMm: number, { lengths }: FindingFacts): RemedyPart => ({
  ...{ id: piece, pieces: piece, line: LINE, readMm: null, strain: null },
  lengthId: lengthOfHalf(piece, lengths),
  amountMm: takeMm / 2,
  by: {
    formula: "Δ = L / 2",
    terms: [term("garment", "difference")("L", "length given, front and back together", takeMm, "the proposal")],
  },
});
