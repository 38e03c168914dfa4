import { halved, type SeamWeights, seamNumbers } from "./seamWeights.ts";

/** The side seam takes most, each seam farther from it half as much as the one before. */
export const sideLed: SeamWeights = {
  id: "sideLed",
  name: "Side-led",
  summary: "The side seam takes most; each seam farther from it half as much.",
  edgeParts: (seams) => halved(seamNumbers(seams).map((seam) => 0.5 ** Math.abs(seam - seams.sideSeam))),
};
