import { type FindingFacts, type Remedy, remedy } from "./findingKind.ts";
import { BODY_PIECES, GIRTH_BLEND } from "./spotGroups.ts";

/** Taking girth out, spread over the seams that usually take a change there. */
export const takeIn = ({ takeMm, seams }: FindingFacts, why: string): Remedy =>
  remedy({
    id: "take-in",
    on: "girth",
    name: "Take the girth in",
    pieces: BODY_PIECES,
    line: seams.name,
    blend: GIRTH_BLEND,
    amountMm: takeMm,
    seams: seams.count,
    why,
  });
