import { type BodyFacts, type Reckoned, reckoned, wantsOf } from "../../calculation/index.ts";
import { ZONE_MEASURES, ZONE_NAMES } from "../../ease/index.ts";
import { term } from "../../explain/index.ts";
import { WRAP_ZONES, type WrapEdge, type WrapZone, wrapLoop, wrapSum } from "./bodyWrap.ts";

/** A girth (or the loop) of a wrap beside the taped one, and what a plan takes from it. */
export interface WrapGirth {
  readonly zone: WrapZone | "trunkLoop";
  readonly name: string;
  readonly wrap: Reckoned;
  /** Null where the sheet has no such measure. */
  readonly tapedMm: number | null;
  /** Wrap over tape; null without a taped measure. */
  readonly looser: Reckoned | null;
}

/**
 * Holds a wrap against the taped body. A wrap is never as tight as a tape: film stands off in every hollow; so it says
 * by how much, girth by girth, and ease is planned from the tape.
 */
export function wrapAgainstBody(edges: readonly WrapEdge[], body: BodyFacts | null): WrapGirth[] {
  const wants = wantsOf(body);
  const girths = WRAP_ZONES.flatMap((zone) => {
    const sum = wrapSum(edges, zone);
    return sum === null ? [] : [wrapGirth(zone, ZONE_NAMES[zone], sum, wants.girth(ZONE_MEASURES[zone]), body)];
  });
  const loop = wrapLoop(edges).trunkLoop;
  return loop === undefined
    ? girths
    : [...girths, wrapGirth("trunkLoop", "Trunk loop", loop, wants.length("trunk_loop"), body)];
}

/** What a planned garment takes off a wrap at a girth (below 0), like off any other pattern. mm. */
export const garmentOverWrap = (name: string, job: string, plannedMm: number, wrapMm: number): Reckoned =>
  reckoned(`garment-${name}`, `${name} of “${job}” over the wrap`, {
    formula: "take = G − W",
    terms: [
      term("garment", "length")("G", "planned girth", plannedMm, `ease plan of “${job}”`),
      term("body", "length")("W", "wrap", wrapMm, "sum of its edges"),
    ],
    result: { value: plannedMm - wrapMm, unit: "difference" },
    notes: [
      "Below 0: taken off the pieces of the wrap there, each edge its part. The garment is planned from the tape.",
    ],
  });

function wrapGirth(
  zone: WrapGirth["zone"],
  name: string,
  sumMm: number,
  tapedMm: number | null,
  body: BodyFacts | null,
): WrapGirth {
  return {
    zone,
    name,
    tapedMm,
    wrap: reckoned(`wrap-${zone}`, `${name} of the wrap`, {
      formula: "W = sum of its edges",
      terms: [],
      result: { value: sumMm, unit: "length" },
      notes: [
        zone === "trunkLoop"
          ? "All four parts along one line."
          : "Edges that count to this girth; those of a piece for both sides count twice.",
      ],
    }),
    looser:
      tapedMm === null
        ? null
        : reckoned(`looser-${zone}`, `${name}, wrap over tape`, {
            formula: "looser = W − B",
            terms: [
              term("body", "length")("W", "wrap", sumMm, "sum of its edges"),
              term("body", "length")("B", "taped, snug", tapedMm, body?.source ?? ""),
            ],
            result: { value: sumMm - tapedMm, unit: "difference" },
            notes: [
              sumMm < tapedMm
                ? "Smaller than the tape: no wrap is. Check the edges that count to it, and whether the body changed since."
                : "A wrap is never as tight as a tape. Ease is added or taken from the taped body like any other.",
            ],
          }),
  };
}
