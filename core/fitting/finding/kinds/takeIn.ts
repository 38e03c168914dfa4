import { term } from "../../../explain/index.ts";
import { type FindingFacts, type Remedy, remedy } from "./findingKind.ts";
import { GIRTH_BLEND, girthPieces } from "./spotGroups.ts";

/** Taking girth out, spread over the seams that usually take a change there. */
export const takeIn = (facts: FindingFacts, why: string): Remedy =>
  remedy({ ...girthThrough(facts), id: "take-in", name: "Take the girth in", amountMm: facts.takeMm, why });

/** Where a girth is changed: at the seams that usually take it; of a bra along its wings, evenly. */
export const girthThrough = ({
  hasBand,
  seams,
}: Pick<FindingFacts, "hasBand" | "seams">): Pick<Remedy, "on" | "pieces" | "line" | "blend" | "seams"> =>
  hasBand
    ? { on: "girth", pieces: girthPieces(hasBand), line: "wings", blend: "evenly from the side seams on", seams: null }
    : { on: "girth", pieces: girthPieces(hasBand), line: seams.name, blend: GIRTH_BLEND, seams: seams.count };

/** True where a girth runs over the cups of a bra: there it is their volume that is changed. */
export const isOverCups = ({ hasBand, spot }: Pick<FindingFacts, "hasBand" | "spot">): boolean =>
  hasBand && (spot === "bust" || spot === "overbust");

/** Volume of both cups in place of a girth over them, half of it each. */
export const throughCups = ({ takeMm }: Pick<FindingFacts, "takeMm">): Remedy => {
  const more = takeMm === null || takeMm > 0;
  return remedy({
    id: "cups",
    on: "cup",
    name: more ? "Give the cups volume" : "Take volume out of the cups",
    pieces: "cup",
    line: "cross seam, half on each of its two pieces",
    blend: "to nothing at both ends of the seam",
    amountMm: takeMm === null ? null : takeMm / 2,
    by:
      takeMm === null
        ? null
        : {
            formula: "Δ = L / 2",
            terms: [term("garment", "difference")("L", "girth given or taken over both cups", takeMm, "the proposal")],
          },
    why: "A bra is cut to the girth of its band; over the bust it is as wide as its cups: each takes a half.",
  });
};
