import { ZONES } from "../../ease/zones.ts";
import type { FindingKind } from "./findingKind.ts";

/** Cloth left over in a girth: a pinch can be taken up. */
export const loose: FindingKind = {
  id: "loose",
  name: "Loose",
  sees: "Cloth stands away or can be pinched up.",
  amountName: "Pinch",
  howToRead: "Pinch up the spare cloth without stretching it and measure all of the cloth in the pinch.",
  effect: "removal",
  canBeFolded: true,
  zones: ZONES,
  proposalText: () =>
    "Take this much girth out, spread over the seams, blending to nothing over 80 mm or at the next zones.",
  alternatives: () => [],
};
