import { type SeamWeights, seamNumbers } from "./seamWeights.ts";

/** Half of it in front, half behind: the edges of either share its half, two a seam and one at the side seam. */
export const halves: SeamWeights = {
  id: "halves",
  name: "Half front, half back",
  summary: "Front and back take half each, shared by the edges of their own panels.",
  edgeParts(seams) {
    const { panels, sideSeam } = seams;
    const [front, back] = [0.5 / (2 * sideSeam - 1), 0.5 / (2 * (panels - sideSeam) - 1)];
    return seamNumbers(seams).map((seam) =>
      seam < sideSeam ? [front, front] : seam > sideSeam ? [back, back] : [front, back],
    );
  },
};
