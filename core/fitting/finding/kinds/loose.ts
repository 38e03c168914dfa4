import type { FindingKind } from "./findingKind.ts";
import { GIRTHS } from "./spotGroups.ts";
import { isOverCups, takeIn, throughCups } from "./takeIn.ts";

/** Cloth left over in a girth: a pinch can be taken up. */
export const loose: FindingKind = {
  id: "loose",
  name: "Loose",
  sees: "Cloth stands away or can be pinched up.",
  spots: [...GIRTHS, "topEdge", "wing"],
  amount: {
    name: "Pinch",
    howToRead: "Pinch up the spare cloth without stretching it and measure all of the cloth in the pinch.",
    needed: true,
    canBeFolded: true,
  },
  fields: [],
  effect: "removal",
  strain: "round",
  answer: (facts) => ({
    remedies: [
      isOverCups(facts)
        ? throughCups(facts)
        : takeIn(
            facts,
            "Take this much girth out, spread over the seams, blending to nothing over 80 mm or at the next zones.",
          ),
    ],
  }),
};
