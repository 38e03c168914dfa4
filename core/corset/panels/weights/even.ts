import { halved, type SeamWeights, seamNumbers } from "./seamWeights.ts";

/** Every seam takes the same. */
export const even: SeamWeights = {
  id: "even",
  name: "Even",
  summary: "Every seam takes the same.",
  edgeParts: (seams) => halved(seamNumbers(seams).map(() => 1)),
};
