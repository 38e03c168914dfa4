import { halved, type SeamWeights } from "./seamWeights.ts";

/** As the maker typed them, seam by seam. */
export const own: SeamWeights = {
  id: "own",
  name: "Own weights",
  summary: "As typed, seam by seam from the front.",
  edgeParts: (seams) => halved(seams.own ?? []),
};
