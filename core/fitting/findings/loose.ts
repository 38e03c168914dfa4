import { type FindingKind, remedy } from "./findingKind.ts";
import { BODY_PIECES, GIRTH_BLEND, GIRTHS } from "./spotGroups.ts";

/** Cloth left over in a girth: a pinch can be taken up. */
export const loose: FindingKind = {
  id: "loose",
  name: "Loose",
  sees: "Cloth stands away or can be pinched up.",
  spots: GIRTHS,
  amount: {
    name: "Pinch",
    howToRead: "Pinch up the spare cloth without stretching it and measure all of the cloth in the pinch.",
    needed: true,
    canBeFolded: true,
  },
  fields: [],
  effect: "removal",
  strain: "round",
  answer: ({ takeMm, seams }) => ({
    remedies: [
      remedy({
        id: "take-in",
        on: "girth",
        name: "Take the girth in",
        pieces: BODY_PIECES,
        line: seams.name,
        blend: GIRTH_BLEND,
        amountMm: takeMm,
        seams: seams.count,
        why: "Take this much girth out, spread over the seams, blending to nothing over 80 mm or at the next zones.",
      }),
    ],
  }),
};
